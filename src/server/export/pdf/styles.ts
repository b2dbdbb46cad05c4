import { StyleSheet } from '@react-pdf/renderer';
import { face } from '../faces';

export const INK = '#252b3a';
export const SOFT = '#5b6172';
export const LINE = '#cfccc4';
export const WASH = '#f3ede1';
export const THREAD = '#16707a';
export const PIN = '#b3372a';

export const s = StyleSheet.create({
  page: {
    paddingTop: 46,
    paddingBottom: 46,
    paddingHorizontal: 42,
    fontFamily: face('Text'),
    fontSize: 9.5,
    color: INK,
  },
  head: {
    position: 'absolute',
    top: 20,
    left: 42,
    right: 42,
    fontSize: 8,
    color: SOFT,
    flexDirection: 'row',
    justifyContent: 'space-between',
  },
  foot: {
    position: 'absolute',
    bottom: 20,
    left: 42,
    right: 42,
    fontSize: 7.5,
    color: SOFT,
    flexDirection: 'row',
    justifyContent: 'space-between',
  },
  h1: { fontFamily: face('Head'), fontSize: 22, lineHeight: 1.15 },
  h2: { fontFamily: face('Head'), fontSize: 13, marginTop: 14, marginBottom: 5 },
  h3: {
    fontFamily: face('Text'),
    fontWeight: 600,
    fontSize: 10,
    marginTop: 8,
    paddingBottom: 2,
    borderBottomWidth: 1,
    borderBottomColor: INK,
  },
  bold: { fontWeight: 600 },
  soft: { color: SOFT, fontSize: 8.5 },
  figure: { fontFamily: face('Figure'), fontSize: 8.5 },
  row: { flexDirection: 'row' },
  stamp: {
    fontFamily: face('Figure'),
    fontSize: 6.5,
    borderWidth: 0.7,
    borderColor: INK,
    paddingHorizontal: 3,
    paddingVertical: 1.5,
    letterSpacing: 0.5,
  },
  gate: { borderLeftWidth: 3, borderLeftColor: PIN, paddingLeft: 8, paddingVertical: 4, marginTop: 6, fontWeight: 600 },
  box: { borderWidth: 0.8, borderStyle: 'dashed', borderColor: INK, padding: 6, marginTop: 5 },
});

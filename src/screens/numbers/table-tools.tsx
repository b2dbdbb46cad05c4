'use client';

import type { ComponentType } from 'react';
import type { TableName } from '@/core/grade/all-tables';
import { DateCodeTrial } from './date-code-trial';
import { SchemeEditor } from './scheme-editor';

export interface TableToolProps {
  /** The table as it stands in the form, fit or not. */
  readonly value: unknown;
  readonly mayEdit: boolean;
  readonly onChange: (value: unknown) => void;
}

/** What a table can be tried by at once, beside its numbers. A new one is a component beside this and a line here. */
export const TABLE_TOOLS: Readonly<Partial<Record<TableName, ComponentType<TableToolProps>>>> = {
  numberTemplates: SchemeEditor,
  dates: DateCodeTrial,
};

import { Paint } from '@/screens/paint/paint';

export default function PaintPage() {
  return <Paint />;
}

import { Grade } from '@/screens/grade/grade';

export default function GradePage() {
  return <Grade />;
}

import { Intake } from '@/screens/intake/intake';

export default function IntakePage() {
  return <Intake />;
}

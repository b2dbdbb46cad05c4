import { Fit } from '@/screens/fit/fit';

export default function FitPage() {
  return <Fit />;
}

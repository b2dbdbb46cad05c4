import { Walk } from '@/screens/walk/walk';

export default function WalkPage() {
  return <Walk />;
}

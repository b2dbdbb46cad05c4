import { Photos } from '@/screens/photos/photos';

export default function PhotosPage() {
  return <Photos />;
}

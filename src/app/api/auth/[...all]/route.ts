import { authDoor } from '@/server/auth-doors';

export const GET = authDoor;
export const POST = authDoor;

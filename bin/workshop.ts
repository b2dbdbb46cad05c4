import { handFor } from '../src/server/workshop/hand';
import { WORK } from '../src/server/workshop/work';

// A process of the server's workshop.
handFor(WORK);

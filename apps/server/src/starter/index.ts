import { schoolBegins } from '../people';
import { addStarterMaterial } from './addStarterMaterial';

schoolBegins.on((manager, { personId }) => addStarterMaterial(manager, personId));

export { addStarterMaterial };

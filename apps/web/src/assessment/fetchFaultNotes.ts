/** Apart from the rest of marking, as what is taught here: it comes up once a fault was noted. */
export const fetchFaultNotes = () => import('./FaultNotes');

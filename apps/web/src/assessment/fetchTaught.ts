/** Apart from the rest of marking: what a dialog needs is as much again as marking itself, and a phone keeps little. */
export const fetchTaught = () => import('./TaughtDialog');

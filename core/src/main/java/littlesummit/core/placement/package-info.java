/**
 * What a student knows already, found by asking few items: knowledge states, a belief over them, and which skill to ask
 * next.
 */
package littlesummit.core.placement;

/**
 * How practice goes: a state, an event, a new state. No clock and no chance inside: both come in with the event.
 * docs/mastery.md explains the numbers.
 */
package littlesummit.core.practice;

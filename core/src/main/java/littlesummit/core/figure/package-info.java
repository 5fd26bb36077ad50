/**
 * Figures as they are drawn. {@link littlesummit.core.figure.Scenes} turns the numbers of a {@link
 * littlesummit.core.item.Figure} into a scene of shapes; screen and paper draw the same one.
 */
package littlesummit.core.figure;

package littlesummit.core.figure;

import littlesummit.core.item.Figure;

/** Turns the numbers of a figure into what is drawn: one class a kind. */
public final class Scenes {
    private Scenes() {}

    public static Scene of(Figure figure) {
        return switch (figure) {
            case Figure.Bar f -> BarScene.of(f);
            case Figure.FractionPicture f -> FractionScene.of(f);
            case Figure.NumberLine f -> NumberLineScene.of(f);
            case Figure.Angles f -> AnglesScene.of(f);
            case Figure.Straight f -> StraightScene.of(f);
            case Figure.Straights f -> StraightScene.of(f);
            case Figure.Shapes f -> ShapesScene.of(f);
            case Figure.Grid f -> GridScene.of(f);
            case Figure.Balance f -> WeighScenes.balance(f);
            case Figure.Scale f -> WeighScenes.dial(f);
            case Figure.Measured f -> MeasuredScene.of(f, 0);
            case Figure.Image f -> ImageScene.of(f);
        };
    }

    /** A number line that something is marked on: its ticks are places, counted from the left end. */
    public static Scene toMark(Figure.NumberLine line) {
        return NumberLineScene.toMark(line);
    }

    /** One shape of many, for a choice between them. */
    public static Scene of(Figure.Polygon shape) {
        return ShapesScene.of(shape);
    }
}

package littlesummit.app.calculator;

import littlesummit.core.calculator.Calculator.Result;

/** What the calculator has worked out, as it is sent; see {@link Result}. */
sealed interface ResultDto {
    record Value(String exact, String decimal, boolean rounded) implements ResultDto {}

    record Unclear(String message, int at) implements ResultDto {}

    static ResultDto of(Result result) {
        return switch (result) {
            case Result.Value(String exact, String decimal, boolean rounded) -> new Value(exact, decimal, rounded);
            case Result.Unclear(String message, int at) -> new Unclear(message, at);
        };
    }
}

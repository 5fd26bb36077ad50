package littlesummit.app.practice;

import littlesummit.core.practice.Forecast;

/** What the current item would do, as it is sent; see {@link Forecast}. */
record ForecastDto(int ifRight, int ifMissed, int atLeast) {
    static ForecastDto of(Forecast forecast) {
        return new ForecastDto(forecast.ifRight(), forecast.ifMissed(), forecast.atLeast());
    }
}

package littlesummit.app.assignment;

import jakarta.validation.constraints.NotNull;
import littlesummit.core.practice.Policy;

/** What an assignment allows, as it is kept and sent; see {@link Policy} for what each means. */
public record PolicyDto(
        int openTries,
        int choiceTries,
        int allTries,
        int freeForms,
        boolean hints,
        boolean example,
        boolean similar,
        @NotNull(message = "Say when lines may be checked.") LineCheckDto lineCheck,

        @NotNull(message = "Say where the calculator is allowed.")
        CalculatorDto calculator,

        @NotNull(message = "Say whether work has to be shown.")
        WorkDto work) {
    public static PolicyDto of(Policy p) {
        return new PolicyDto(
                p.openTries(),
                p.choiceTries(),
                p.allTries(),
                p.freeForms(),
                p.hints(),
                p.example(),
                p.similar(),
                LineCheckDto.of(p.lineCheck()),
                CalculatorDto.of(p.calculator()),
                WorkDto.of(p.work()));
    }

    public Policy toCore() {
        return new Policy(
                openTries,
                choiceTries,
                allTries,
                freeForms,
                hints,
                example,
                similar,
                lineCheck.toCore(),
                calculator.toCore(),
                work.toCore());
    }
}

package littlesummit.app.assignment;

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
        Policy.LineCheck lineCheck,
        Policy.Calculator calculator,
        Policy.Work work) {
    public static PolicyDto of(Policy p) {
        return new PolicyDto(
                p.openTries(),
                p.choiceTries(),
                p.allTries(),
                p.freeForms(),
                p.hints(),
                p.example(),
                p.similar(),
                p.lineCheck(),
                p.calculator(),
                p.work());
    }

    public Policy toCore() {
        return new Policy(
                openTries, choiceTries, allTries, freeForms, hints, example, similar, lineCheck, calculator, work);
    }
}

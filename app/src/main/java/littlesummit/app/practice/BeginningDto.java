package littlesummit.app.practice;

import littlesummit.app.assignment.PolicyDto;
import littlesummit.core.practice.Policy;
import littlesummit.core.practice.SkillState;
import littlesummit.core.practice.Target;

/**
 * From what the practice of a skill began, as it is kept.
 *
 * @param target by its code
 */
record BeginningDto(PolicyDto policy, String target) {
    static BeginningDto of(SkillState state) {
        return new BeginningDto(PolicyDto.of(state.policy()), state.target().code());
    }

    Policy policyInCore() {
        return policy.toCore();
    }

    Target targetInCore() {
        return Target.of(target).orElseThrow();
    }
}

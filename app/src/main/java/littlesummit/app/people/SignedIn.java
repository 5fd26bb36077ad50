package littlesummit.app.people;

import java.util.Optional;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.context.SecurityContextHolder;

/** Who asks, for filters that stand before the features. */
public final class SignedIn {
    private SignedIn() {}

    /** Empty for a visitor. */
    public static Optional<Person> person() {
        return Optional.ofNullable(SecurityContextHolder.getContext().getAuthentication())
                .map(Authentication::getPrincipal)
                .filter(Person.class::isInstance)
                .map(Person.class::cast);
    }
}

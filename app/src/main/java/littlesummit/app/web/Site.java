package littlesummit.app.web;

import org.springframework.web.servlet.support.ServletUriComponentsBuilder;

/** Where the application is, as the one who asks sees it: what links begin with that leave it. */
public final class Site {
    private Site() {}

    /** Without a slash at its end; only while a request is answered. */
    public static String address() {
        return ServletUriComponentsBuilder.fromCurrentContextPath().build().toUriString();
    }
}

package littlesummit.e2e;

import com.deque.html.axecore.playwright.AxeBuilder;
import com.microsoft.playwright.Page;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;

/** What axe finds on a page. Its script is put into a page once, which is much faster than once a question. */
final class Axe {
    private static final List<String> TAGS =
            List.of("wcag2a", "wcag2aa", "wcag21a", "wcag21aa", "wcag22aa", "best-practice");
    private static final String RUN =
            "options => axe.run(document, options).then(found => found.violations.map(v => v.id + ' ' + v.nodes.map(n"
                    + " => n.html).join(' | ')))";

    private Axe() {}

    /** By all rules; empty when there is nothing to find. */
    static String all(Page page) {
        return run(page, Map.of("runOnly", TAGS, "resultTypes", List.of("violations")));
    }

    /** By the rule on contrast alone. */
    static String contrast(Page page) {
        return run(
                page,
                Map.of(
                        "runOnly",
                        Map.of("type", "rule", "values", List.of("color-contrast")),
                        "resultTypes",
                        List.of("violations")));
    }

    /** By all rules but the one on contrast, for modes in which the browser takes colours of its own. */
    static String allButContrast(Page page) {
        return run(page, Map.of("runOnly", TAGS, "rules", Map.of("color-contrast", Map.of("enabled", false))));
    }

    private static String run(Page page, Map<String, Object> options) {
        if (Boolean.FALSE.equals(page.evaluate("() => 'axe' in window"))) {
            page.evaluate(AxeBuilder.getAxeScript());
        }
        return ((List<?>) page.evaluate(RUN, options))
                .stream().map(String::valueOf).collect(Collectors.joining("\n"));
    }
}

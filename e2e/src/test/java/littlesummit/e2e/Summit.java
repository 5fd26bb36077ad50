package littlesummit.e2e;

import java.io.OutputStream;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Predicate;
import littlesummit.app.SummitApplication;
import littlesummit.core.item.Item;
import org.springframework.boot.builder.SpringApplicationBuilder;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.context.support.GenericApplicationContext;

/** The whole application, with demo data or empty, on a port of its own and a database in a file. */
final class Summit implements AutoCloseable {
    private final Path data;
    private final List<String> more;
    private final DealtItems dealt = new DealtItems();
    private ConfigurableApplicationContext context;

    /** With demo data of its own. */
    static Summit demo(Path data) {
        DemoTemplate.into(data);
        return new Summit(data, List.of("--summit.demo=true"));
    }

    Summit(Path data, List<String> more) {
        this.data = data;
        this.more = List.copyOf(more);
        start();
    }

    /**
     * Nobody has an account in it.
     *
     * @param says what it prints at its start
     */
    static Summit empty(Path data, OutputStream says) {
        PrintStream before = System.out;
        System.setOut(new PrintStream(says, true, StandardCharsets.UTF_8));
        try {
            return new Summit(data, List.of());
        } finally {
            System.setOut(before);
        }
    }

    void start() {
        List<String> options = new ArrayList<>(more);
        options.addAll(List.of("--server.port=0", "--summit.data=" + data));
        context = new SpringApplicationBuilder(SummitApplication.class)
                .initializers((GenericApplicationContext started) -> started.registerBean(
                        "dealtItems", DealtItems.class, () -> dealt, bean -> bean.setPrimary(true)))
                .run(options.toArray(String[]::new));
    }

    /** From now on, of this skill, only such items. */
    void ask(String skill, Predicate<Item> wanted) {
        dealt.ask(skill, wanted);
    }

    void stop() {
        context.close();
    }

    String address() {
        return "http://localhost:" + context.getEnvironment().getProperty("local.server.port");
    }

    <T> T part(Class<T> type) {
        return context.getBean(type);
    }

    @Override
    public void close() {
        stop();
    }
}

package littlesummit.app;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import javax.sql.DataSource;
import net.ttddyy.dsproxy.support.ProxyDataSource;
import net.ttddyy.dsproxy.support.ProxyDataSourceBuilder;
import org.springframework.beans.factory.config.BeanPostProcessor;
import org.springframework.boot.test.context.TestConfiguration;
import org.springframework.context.annotation.Bean;

/** Hears what the application asks its database, whoever in it asks: entities, sessions, plain SQL. */
@TestConfiguration
public class Statements {
    private static final List<String> HEARD = Collections.synchronizedList(new ArrayList<>());

    @Bean
    static BeanPostProcessor listening() {
        return new BeanPostProcessor() {
            @Override
            public Object postProcessAfterInitialization(Object bean, String name) {
                return bean instanceof DataSource source && !(bean instanceof ProxyDataSource)
                        ? ProxyDataSourceBuilder.create(source)
                                .afterQuery((execution, queries) -> queries.forEach(q -> HEARD.add(q.getQuery())))
                                .build()
                        : bean;
            }
        };
    }

    /**
     * What is asked while something is done.
     *
     * @return the statements, in order
     */
    public static List<String> during(Runnable deed) {
        HEARD.clear();
        deed.run();
        return List.copyOf(HEARD);
    }
}

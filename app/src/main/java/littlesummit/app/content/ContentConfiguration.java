package littlesummit.app.content;

import littlesummit.content.Catalogue;
import littlesummit.content.Curricula;
import littlesummit.core.curriculum.Curriculum;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** The courses that ship. */
@Configuration(proxyBeanMethods = false)
class ContentConfiguration {
    @Bean
    Curriculum curriculum() {
        return Curricula.shipped(new Catalogue());
    }
}

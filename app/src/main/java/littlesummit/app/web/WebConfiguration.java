package littlesummit.app.web;

import org.springframework.boot.autoconfigure.jackson.Jackson2ObjectMapperBuilderCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.web.servlet.config.annotation.ViewControllerRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;

/** How objects are written, and which addresses open the application. */
@Configuration
class WebConfiguration implements WebMvcConfigurer {
    @Bean
    Jackson2ObjectMapperBuilderCustomizer sealedTypes() {
        return builder -> builder.annotationIntrospector(new SealedTypes());
    }

    /** Addresses of screens all open the one page; the client finds its way from there. */
    @Override
    public void addViewControllers(ViewControllerRegistry registry) {
        for (String screen : new String[] {"/", "/signin", "/due", "/practice/**", "/gallery/**", "/map", "/entering", "/questions", "/book/**", "/handed-in/**", "/quiz/**", "/check", "/progress", "/class/**", "/account"}) {
            registry.addViewController(screen).setViewName("forward:/index.html");
        }
    }
}

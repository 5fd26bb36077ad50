package littlesummit.app.web;

import jakarta.servlet.RequestDispatcher;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import org.apache.catalina.core.StandardHost;
import org.springframework.boot.web.embedded.tomcat.TomcatServletWebServerFactory;
import org.springframework.boot.web.server.WebServerFactoryCustomizer;
import org.springframework.boot.web.servlet.error.ErrorController;
import org.springframework.context.annotation.Bean;
import org.springframework.http.HttpStatus;
import org.springframework.security.web.firewall.RequestRejectedHandler;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.RequestMapping;

/**
 * Failures that no controller has answered for: addresses that are none, requests that the firewall or the container
 * turns away.
 */
@Controller
class LastResort implements ErrorController {
    @RequestMapping("/error")
    void problem(HttpServletRequest request, HttpServletResponse response) throws IOException {
        HttpStatus status = request.getAttribute(RequestDispatcher.ERROR_STATUS_CODE) instanceof Integer code
                        && HttpStatus.resolve(code) != null
                ? HttpStatus.valueOf(code)
                : HttpStatus.NOT_FOUND;
        Problem.of(status).write(response);
    }

    @Bean
    static RequestRejectedHandler turnedAway() {
        return (request, response, rejected) ->
                Problem.of(HttpStatus.BAD_REQUEST).write(response);
    }

    @Bean
    static WebServerFactoryCustomizer<TomcatServletWebServerFactory> noPagesOfTheContainer() {
        return factory -> factory.addContextCustomizers(context -> {
            if (context.getParent() instanceof StandardHost host) {
                host.setErrorReportValveClass(ProblemValve.class.getName());
            }
        });
    }
}

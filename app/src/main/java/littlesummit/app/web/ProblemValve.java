package littlesummit.app.web;

import java.io.IOException;
import org.apache.catalina.connector.Request;
import org.apache.catalina.connector.Response;
import org.apache.catalina.valves.ErrorReportValve;
import org.springframework.http.HttpStatus;

/**
 * What the container refuses before the application is asked, such as an address that is none, as a problem document
 * too.
 */
public final class ProblemValve extends ErrorReportValve {
    @Override
    protected void report(Request request, Response response, Throwable failure) {
        int code = response.getStatus();
        if (code < HttpStatus.BAD_REQUEST.value() || response.getContentWritten() > 0 || !response.setErrorReported()) {
            return;
        }
        try {
            HttpStatus status = HttpStatus.resolve(code) == null ? HttpStatus.BAD_REQUEST : HttpStatus.valueOf(code);
            Problem.of(status).write(response);
            response.finishResponse();
        } catch (IOException gone) {
            getContainer().getLogger().debug("nobody waits for the answer", gone);
        }
    }
}

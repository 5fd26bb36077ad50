package littlesummit.app.web;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletRequestWrapper;
import java.util.Collections;
import java.util.Enumeration;
import java.util.List;
import org.springframework.core.io.Resource;
import org.springframework.http.HttpHeaders;
import org.springframework.web.servlet.resource.EncodedResourceResolver;
import org.springframework.web.servlet.resource.ResourceResolverChain;

/** Packed files with Brotli wherever it is taken: browsers name gzip first, and would get the larger one. */
class SmallestFirst extends EncodedResourceResolver {
    private static final String SMALLEST = "br";

    @Override
    protected Resource resolveResourceInternal(
            HttpServletRequest request, String path, List<? extends Resource> locations, ResourceResolverChain chain) {
        return super.resolveResourceInternal(takesIt(request) ? new TakesIt(request) : request, path, locations, chain);
    }

    private static boolean takesIt(HttpServletRequest request) {
        String accepted = request == null ? null : request.getHeader(HttpHeaders.ACCEPT_ENCODING);
        return accepted != null && List.of(accepted.split("\\s*,\\s*")).contains(SMALLEST);
    }

    /** As if it took nothing else. */
    private static final class TakesIt extends HttpServletRequestWrapper {
        TakesIt(HttpServletRequest request) {
            super(request);
        }

        @Override
        public String getHeader(String name) {
            return HttpHeaders.ACCEPT_ENCODING.equalsIgnoreCase(name) ? SMALLEST : super.getHeader(name);
        }

        @Override
        public Enumeration<String> getHeaders(String name) {
            return HttpHeaders.ACCEPT_ENCODING.equalsIgnoreCase(name)
                    ? Collections.enumeration(List.of(SMALLEST))
                    : super.getHeaders(name);
        }
    }
}

package littlesummit.app.web;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/** Refuses request bodies that no screen of ours sends, and those that do not say how long they are. */
@Component
class BodyLimit extends OncePerRequestFilter {
    private static final long MOST_BYTES = 256 * 1024;
    /** A picture or a package of 8 MB, and what wraps it. */
    private static final long MOST_FILE_BYTES = 8 * 1024 * 1024 + 4096;

    /** A class with its photos, and what wraps it. */
    private static final long MOST_ARCHIVE_BYTES = 200 * 1024 * 1024 + 4096;

    /** Whether a whole class comes in. */
    private static boolean isArchive(HttpServletRequest request) {
        return request.getRequestURI().startsWith("/api/exchange/class-archive");
    }

    /** Whether a picture is added to a page. */
    private static boolean isPicture(HttpServletRequest request) {
        return request.getRequestURI().matches("/api/items/[^/]+/photos");
    }

    /** Whether a package is brought in from another program. */
    private static boolean isPackage(HttpServletRequest request) {
        return request.getRequestURI().startsWith("/api/exchange/")
                || request.getRequestURI().startsWith("/api/workbench/from-file");
    }

    /** Whether a file comes, in a form of several parts: it is large, and it is read where it is needed. */
    static boolean isFile(HttpServletRequest request) {
        return isPicture(request) || isPackage(request);
    }

    /** Whether it is refused for its length, or for not saying it. */
    static boolean isTooLarge(HttpServletRequest request) {
        boolean chunked = request.getHeader("Transfer-Encoding") != null;
        long most = isArchive(request) ? MOST_ARCHIVE_BYTES : isFile(request) ? MOST_FILE_BYTES : MOST_BYTES;
        return request.getContentLengthLong() > most || chunked;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        if (isTooLarge(request)) {
            Problem.tooLarge(
                            isPicture(request)
                                    ? "This picture is larger than 8 MB. Make it smaller and add it again."
                                    : isPackage(request)
                                            ? "This file is larger than " + (isArchive(request) ? 200 : 8) + " MB."
                                            : "This is more than can be taken at once.")
                    .write(response);
            return;
        }
        chain.doFilter(request, response);
    }
}

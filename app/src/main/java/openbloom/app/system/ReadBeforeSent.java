package openbloom.app.system;

import org.jspecify.annotations.Nullable;
import org.springframework.core.MethodParameter;
import org.springframework.http.MediaType;
import org.springframework.http.converter.HttpMessageConverter;
import org.springframework.http.server.ServerHttpRequest;
import org.springframework.http.server.ServerHttpResponse;
import org.springframework.http.server.ServletServerHttpRequest;
import org.springframework.web.bind.annotation.ControllerAdvice;
import org.springframework.web.servlet.mvc.method.annotation.ResponseBodyAdvice;

/** An answer that is no page is whole once its method returns: its reading ends before it is sent. */
@ControllerAdvice
class ReadBeforeSent implements ResponseBodyAdvice<Object> {
    @Override
    public boolean supports(MethodParameter answered, Class<? extends HttpMessageConverter<?>> writer) {
        return true;
    }

    @Override
    public @Nullable Object beforeBodyWrite(
            @Nullable Object body,
            MethodParameter answered,
            MediaType type,
            Class<? extends HttpMessageConverter<?>> writer,
            ServerHttpRequest request,
            ServerHttpResponse response) {
        if (request instanceof ServletServerHttpRequest servlet) {
            ReadTransactionPerRequest.end(servlet.getServletRequest());
        }
        return body;
    }
}

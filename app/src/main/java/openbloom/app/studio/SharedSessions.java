package openbloom.app.studio;

import jakarta.servlet.DispatcherType;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.ObjectInputFilter;
import java.io.ObjectInputStream;
import java.util.EnumSet;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.autoconfigure.condition.ConditionalOnExpression;
import org.springframework.boot.web.servlet.FilterRegistrationBean;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.convert.support.GenericConversionService;
import org.springframework.core.serializer.support.SerializingConverter;
import org.springframework.session.Session;
import org.springframework.session.jdbc.config.annotation.web.http.EnableJdbcHttpSession;
import org.springframework.session.web.http.CookieSerializer;
import org.springframework.session.web.http.DefaultCookieSerializer;
import org.springframework.session.web.http.SessionRepositoryFilter;

/**
 * Of several processes on one data file each knows who is signed in: sessions are kept there. One process alone keeps them in its
 * memory and writes nothing for a page that is looked at.
 */
@Configuration
@ConditionalOnExpression("!'${bloom.db}'.isBlank()")
@EnableJdbcHttpSession(maxInactiveIntervalInSeconds = SharedSessions.LONGEST_IDLE_S)
class SharedSessions {
    /** As long as sessions of one process, {@code server.servlet.session.timeout}. */
    static final int LONGEST_IDLE_S = 8 * 60 * 60;

    private static final Logger LOG = LoggerFactory.getLogger(SharedSessions.class);
    private static final ObjectInputFilter KNOWN = ObjectInputFilter.Config.createFilter(
            "openbloom.app.studio.*;org.springframework.security.**;org.springframework.web.servlet.*;"
                    + "org.springframework.util.*;java.lang.*;java.util.*;java.util.concurrent.*;java.time.*;"
                    + "maxdepth=20;maxbytes=1000000;!*");

    @Bean
    GenericConversionService springSessionConversionService() {
        GenericConversionService bytes = new GenericConversionService();
        bytes.addConverter(Object.class, byte[].class, new SerializingConverter());
        bytes.addConverter(byte[].class, Object.class, SharedSessions::read);
        return bytes;
    }

    /** What another version kept and this one cannot read is not there: she signs in again. */
    private static @Nullable Object read(byte[] kept) {
        try (ObjectInputStream objects = new ObjectInputStream(new ByteArrayInputStream(kept))) {
            objects.setObjectInputFilter(KNOWN);
            return objects.readObject();
        } catch (IOException | ClassNotFoundException unreadable) {
            LOG.info("A part of a session could not be read and is left out: {}", unreadable.getMessage());
            return null;
        }
    }

    @Bean
    CookieSerializer sessionCookie(@Value("${server.servlet.session.cookie.secure}") boolean secure) {
        DefaultCookieSerializer cookie = new DefaultCookieSerializer();
        cookie.setCookieName("JSESSIONID");
        cookie.setUseHttpOnlyCookie(true);
        cookie.setUseSecureCookie(secure);
        cookie.setSameSite("Strict");
        return cookie;
    }

    @Bean
    FilterRegistrationBean<SessionRepositoryFilter<? extends Session>> sessionsFirst(
            SessionRepositoryFilter<? extends Session> filter) {
        FilterRegistrationBean<SessionRepositoryFilter<? extends Session>> registration =
                new FilterRegistrationBean<>(filter);
        registration.setOrder(SessionRepositoryFilter.DEFAULT_ORDER);
        registration.setDispatcherTypes(EnumSet.of(DispatcherType.REQUEST, DispatcherType.ASYNC, DispatcherType.ERROR));
        return registration;
    }
}

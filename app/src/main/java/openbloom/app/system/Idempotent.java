package openbloom.app.system;

import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;

/**
 * A form that is kept once for its {@code formKey}: sent again unchanged, it leads where it led the first time; sent with
 * other content, it is refused and both are shown.
 */
@Target(ElementType.METHOD)
@Retention(RetentionPolicy.RUNTIME)
public @interface Idempotent {}

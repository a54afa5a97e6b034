package openbloom.app.system;

import java.lang.annotation.Documented;
import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;

/**
 * A form whose fields stand in parts: a record of records. On the page the fields of every part stand side by side, each
 * under its own name. As an argument of a handler it is bound part by part, and stands as {@code form} in the model.
 */
@Documented
@Retention(RetentionPolicy.RUNTIME)
@Target(ElementType.TYPE)
public @interface CompositeForm {}

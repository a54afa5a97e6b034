package openbloom.app.system;

import jakarta.servlet.ServletRequest;
import java.lang.reflect.RecordComponent;
import org.jspecify.annotations.Nullable;
import org.springframework.beans.BeanUtils;
import org.springframework.core.MethodParameter;
import org.springframework.core.ResolvableType;
import org.springframework.validation.BindException;
import org.springframework.web.bind.ServletRequestDataBinder;
import org.springframework.web.bind.support.WebDataBinderFactory;
import org.springframework.web.context.request.NativeWebRequest;
import org.springframework.web.method.support.HandlerMethodArgumentResolver;
import org.springframework.web.method.support.ModelAndViewContainer;

/** Binds a {@link CompositeForm}, each part from the same fields. */
class FormOfPartsArgument implements HandlerMethodArgumentResolver {
    @Override
    public boolean supportsParameter(MethodParameter parameter) {
        return parameter.getParameterType().isAnnotationPresent(CompositeForm.class);
    }

    @Override
    public Object resolveArgument(
            MethodParameter parameter,
            ModelAndViewContainer container,
            NativeWebRequest request,
            WebDataBinderFactory binders)
            throws Exception {
        Class<?> type = parameter.getParameterType();
        RecordComponent[] components = type.getRecordComponents();
        @Nullable Object[] parts = new Object[components.length];
        for (int i = 0; i < parts.length; i++) {
            parts[i] = part(components[i], request, binders);
        }
        Object form = BeanUtils.instantiateClass(BeanUtils.getResolvableConstructor(type), parts);
        container.addAttribute("form", form);
        return form;
    }

    private static @Nullable Object part(
            RecordComponent component, NativeWebRequest request, WebDataBinderFactory binders) throws Exception {
        ServletRequestDataBinder binder = (ServletRequestDataBinder)
                binders.createBinder(request, null, component.getName(), ResolvableType.forClass(component.getType()));
        binder.construct(request.getNativeRequest(ServletRequest.class));
        if (binder.getBindingResult().hasErrors()) {
            throw new BindException(binder.getBindingResult());
        }
        return binder.getTarget();
    }
}

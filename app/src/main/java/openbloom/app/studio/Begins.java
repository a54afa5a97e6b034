package openbloom.app.studio;

import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import org.springframework.security.core.Authentication;
import org.springframework.security.web.authentication.SavedRequestAwareAuthenticationSuccessHandler;
import org.springframework.stereotype.Component;

/** Asks for her code if she has a second factor, leads to the page that was asked for, and notes where she has signed in. */
@Component
class Begins extends SavedRequestAwareAuthenticationSuccessHandler {
    private final SignIns signIns;
    private final SecondFactor factors;

    Begins(SignIns signIns, SecondFactor factors) {
        this.signIns = signIns;
        this.factors = factors;
    }

    @Override
    public void onAuthenticationSuccess(HttpServletRequest request, HttpServletResponse response, Authentication who)
            throws ServletException, IOException {
        if (who.getPrincipal() instanceof SignedIn her
                && factors.since(her.accountId()).isPresent()) {
            SecondFactorGate.wantCode(request);
            response.sendRedirect(SecondFactorGate.CODE);
        } else {
            lead(request, response, who);
        }
    }

    /** Everything she has to show is shown. */
    void lead(HttpServletRequest request, HttpServletResponse response, Authentication who)
            throws ServletException, IOException {
        if (who.getPrincipal() instanceof SignedIn her) {
            signIns.begin(her, request);
        }
        super.onAuthenticationSuccess(request, response, who);
    }
}

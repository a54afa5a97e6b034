package openbloom.app.studio;

import org.jspecify.annotations.Nullable;

/** An account as it is typed. */
public record NewAccount(String name, String email, String password) {
    public NewAccount(@Nullable String name, @Nullable String email, @Nullable String password) {
        this.name = name == null ? "" : name;
        this.email = email == null ? "" : email;
        this.password = password == null ? "" : password;
    }
}

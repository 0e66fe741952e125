package app.misura.web.security;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.ArgumentMatchers.anyString;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.never;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.when;

import app.misura.web.account.Accounts;
import app.misura.web.account.Role;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.boot.test.system.CapturedOutput;
import org.springframework.boot.test.system.OutputCaptureExtension;
import org.springframework.ui.ExtendedModelMap;

@ExtendWith(OutputCaptureExtension.class)
class SignInControllerTest {
    private final Accounts accounts = mock(Accounts.class);
    private final SignInController controller = new SignInController(accounts);
    private final ExtendedModelMap model = new ExtendedModelMap();

    @BeforeEach
    void anEmptyHouse() {
        when(accounts.isEmpty()).thenReturn(true);
    }

    private String code(CapturedOutput output) {
        controller.sayCode();
        return output.getAll().replaceAll("(?s).*one-time code is (\\d{8}).*", "$1");
    }

    @Test
    void theFirstVisitMakesTheOwner(CapturedOutput output) {
        assertThat(controller.signIn()).isEqualTo("redirect:/first");
        assertThat(controller.first(model)).isEqualTo("first");
        assertThat(controller.makeFirst(" noor ", " Noor ", "long enough", code(output), model))
                .isEqualTo("redirect:/signin?made");
        verify(accounts).add("noor", "Noor", "long enough", Role.OWNER);
    }

    @ParameterizedTest
    @CsvSource({
        "noor, Noor, long enough, 00000000x, The code is not the one",
        "N, Noor, long enough, , A sign-in name has 2 to 40",
        "noor!, Noor, long enough, , A sign-in name has 2 to 40",
        "noor, '', long enough, , Say how you are called",
        "noor, Noor, short, , A password has at least ten characters",
    })
    void whatIsNotRightIsSaidAndWhatWasTypedStands(
            String name, String called, String password, String given, String said, CapturedOutput output) {
        String code = given == null ? code(output) : given;
        assertThat(controller.makeFirst(name, called, password, code, model)).isEqualTo("first");
        assertThat((String) model.get("fault")).startsWith(said);
        assertThat(model.get("name")).isEqualTo(name);
        assertThat(model.get("called")).isEqualTo(called);
        verify(accounts, never()).add(any(), any(), any(), any());
    }

    @Test
    void aHouseWithAnAccountMakesNoSecondFirst(CapturedOutput output) {
        String code = code(output);
        when(accounts.isEmpty()).thenReturn(false);
        assertThat(controller.makeFirst("noor", "Noor", "long enough", code, model))
                .isEqualTo("redirect:/signin");
        assertThat(controller.first(model)).isEqualTo("redirect:/signin");
        assertThat(controller.signIn()).isEqualTo("signin");
        verify(accounts, never()).add(anyString(), anyString(), anyString(), any());
    }

    @Test
    void theCodeIsSaidOnlyWhileNobodyHasAnAccount(CapturedOutput output) {
        when(accounts.isEmpty()).thenReturn(false);
        controller.sayCode();
        assertThat(output.getAll()).doesNotContain("one-time code");
    }
}

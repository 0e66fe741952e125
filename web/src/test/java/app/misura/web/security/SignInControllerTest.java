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
import java.util.Optional;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.boot.test.system.CapturedOutput;
import org.springframework.boot.test.system.OutputCaptureExtension;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.ui.ExtendedModelMap;

@ExtendWith(OutputCaptureExtension.class)
class SignInControllerTest {
    private final Accounts accounts = mock(Accounts.class);
    private final SignInController controller = new SignInController(accounts);
    private final ExtendedModelMap model = new ExtendedModelMap();
    private final MockHttpServletResponse response = new MockHttpServletResponse();

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
        assertThat(controller.makeFirst(" noor ", " Noor ", "long enough", code(output), model, response))
                .isEqualTo("redirect:/signin?made");
        verify(accounts).add("noor", "Noor", "long enough", Role.OWNER);
    }

    @Test
    void aWrongCodeMakesNobody() {
        assertThat(controller.makeFirst("noor", "Noor", "long enough", "0000000x", model, response))
                .isEqualTo("first");
        assertThat((String) model.get("fault")).startsWith("The code is not the one");
        verify(accounts, never()).add(any(), any(), any(), any());
    }

    @Test
    void whatIsNotRightIsSaidAndWhatWasTypedStands(CapturedOutput output) {
        when(accounts.fault("N", "Noor", "long enough")).thenReturn(Optional.of("A sign-in name has 2 to 40."));
        assertThat(controller.makeFirst("N", "Noor", "long enough", code(output), model, response))
                .isEqualTo("first");
        assertThat(model.get("fault")).isEqualTo("A sign-in name has 2 to 40.");
        assertThat(model.get("name")).isEqualTo("N");
        assertThat(model.get("called")).isEqualTo("Noor");
        assertThat(model.get("code")).as("typed once is enough").isEqualTo(code(output));
        assertThat(response.getStatus()).isEqualTo(422);
        verify(accounts, never()).add(any(), any(), any(), any());
    }

    @Test
    void aHouseWithAnAccountMakesNoSecondFirst(CapturedOutput output) {
        String code = code(output);
        when(accounts.isEmpty()).thenReturn(false);
        assertThat(controller.makeFirst("noor", "Noor", "long enough", code, model, response))
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

    @Test
    void aCodeIsNotGuessed(CapturedOutput output) {
        String code = code(output);
        for (int i = 0; i < 20; i++) {
            controller.makeFirst("noor", "Noor", "long enough", "0000000x", model, response);
        }
        controller.makeFirst("noor", "Noor", "long enough", code, model, response);
        assertThat((String) model.get("fault")).contains("mistaken too often");
        verify(accounts, never()).add(any(), any(), any(), any());
    }
}

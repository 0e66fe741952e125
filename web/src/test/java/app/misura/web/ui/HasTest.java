package app.misura.web.ui;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

class HasTest {
    @Test
    void whatAPageHasIsKeptWhileItsMarkIsTheSame() {
        Has has = Has.of("figure=1f3a  part-D=77c0");
        assertThat(has.keeps("figure", "1f3a")).isTrue();
        assertThat(has.keeps("figure", "1f3b")).isFalse();
        assertThat(has.keeps("part-S", "77c0")).isFalse();
    }

    @Test
    void aPageThatIsLoadedAnewHasNothingAndNonsenseIsNotBelieved() {
        for (String header : new String[] {null, "", "figure", "=", "figure=", "a=1 ".repeat(2000)}) {
            assertThat(Has.of(header).keeps("figure", "1f3a")).as("%s", header).isFalse();
            assertThat(Has.of(header).keeps("a", "1")).as("%s", header).isFalse();
        }
        assertThat(Has.of("a=1 a=2").keeps("a", "2"))
                .as("of two marks neither counts")
                .isFalse();
    }

    @Test
    void anotherThingHasAnotherMark() {
        assertThat(Has.mark("S3 now")).isEqualTo(Has.mark("S3 now"));
        assertThat(Has.mark("S3 now")).isNotEqualTo(Has.mark("S3"));
    }
}

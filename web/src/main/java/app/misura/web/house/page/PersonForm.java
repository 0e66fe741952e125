package app.misura.web.house.page;

import org.jspecify.annotations.NullUnmarked;

/** What is typed of a person who is to work here. */
@NullUnmarked
class PersonForm {
    private String name = "";
    private String called = "";
    private String role = "MEASURER";
    private String password = "";

    public String getName() {
        return name;
    }

    public void setName(String name) {
        this.name = name;
    }

    public String getCalled() {
        return called;
    }

    public void setCalled(String called) {
        this.called = called;
    }

    public String getRole() {
        return role;
    }

    public void setRole(String role) {
        this.role = role;
    }

    public String getPassword() {
        return password;
    }

    public void setPassword(String password) {
        this.password = password;
    }
}

package app.misura.web.form;

import org.springframework.data.jpa.repository.JpaRepository;

interface FormVersionRepository extends JpaRepository<FormVersionEntity, String> {}

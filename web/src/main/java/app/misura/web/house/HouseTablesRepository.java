package app.misura.web.house;

import org.springframework.data.jpa.repository.JpaRepository;

interface HouseTablesRepository extends JpaRepository<HouseTablesEntity, Integer> {}

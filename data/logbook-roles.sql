-- Who may do what in a logbook on PostgreSQL. Once, as the owner of the database, after the first bench of the owner's
-- own has opened it (that makes the tables). Then: GRANT arbor_bench TO somebody.
--   psql -f logbook-roles.sql shop
CREATE ROLE arbor_reader NOLOGIN;
CREATE ROLE arbor_bench NOLOGIN IN ROLE arbor_reader;

-- Looks: finds presses, counts them, writes them out.
GRANT SELECT ON press, press_text, press_document, log_version TO arbor_reader;

-- Works: a press that is recorded is put in, and put right when its job is recorded again. No table is made or dropped.
GRANT INSERT, DELETE ON press, press_text, press_document TO arbor_bench;

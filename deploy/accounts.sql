-- The accounts of the database, for a server with a database "openbaton". Choose two passwords.
-- The application reads and writes rows; only migrations make and change tables.
CREATE DATABASE IF NOT EXISTS openbaton CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci;
CREATE USER openbaton@'127.0.0.1' IDENTIFIED BY 'the first password';
GRANT SELECT, INSERT, UPDATE, DELETE ON openbaton.* TO openbaton@'127.0.0.1';
CREATE USER openbaton_owner@'127.0.0.1' IDENTIFIED BY 'the second password';
GRANT ALL PRIVILEGES ON openbaton.* TO openbaton_owner@'127.0.0.1';

CREATE TABLE "migrations" ("id" integer primary key autoincrement not null,
    "migration" varchar not null,
    "batch" integer not null);
CREATE TABLE "users" ("id" integer primary key autoincrement not null,
    "name" varchar not null,
    "email" varchar not null,
    "password" varchar not null,
    "remember_token" varchar,
    "created_at" datetime,
    "updated_at" datetime);
CREATE UNIQUE INDEX "users_email_unique" on "users" ("email");
CREATE TABLE "workspaces" ("id" integer primary key autoincrement not null,
    "name" varchar not null,
    "web" varchar not null default '',
    "country" varchar not null default 'GB',
    "created_at" datetime,
    "updated_at" datetime);
CREATE TABLE "memberships" ("workspace_id" integer not null,
    "user_id" integer not null, foreign key("workspace_id") references "workspaces"("id") on delete cascade, foreign key("user_id") references "users"("id") on delete cascade, primary key ("user_id",
    "workspace_id"));
CREATE TABLE "cards" ("id" integer primary key autoincrement not null,
    "workspace_id" integer not null,
    "name" varchar not null,
    "head" integer not null,
    "created_at" datetime,
    "updated_at" datetime, foreign key("workspace_id") references "workspaces"("id") on delete cascade);
CREATE INDEX "cards_workspace_id_updated_at_index" on "cards" ("workspace_id",
    "updated_at");
CREATE TABLE "card_revisions" ("id" integer primary key autoincrement not null,
    "card_id" integer not null,
    "number" integer not null,
    "parent" integer,
    "document" text not null,
    "words" varchar not null,
    "user_id" integer,
    "created_at" datetime not null, foreign key("card_id") references "cards"("id") on delete cascade, foreign key("user_id") references "users"("id") on delete set null);
CREATE UNIQUE INDEX "card_revisions_card_id_number_unique" on "card_revisions" ("card_id",
    "number");
CREATE INDEX "card_revisions_card_id_parent_index" on "card_revisions" ("card_id",
    "parent");
CREATE TABLE "pictures" ("id" integer primary key autoincrement not null,
    "workspace_id" integer not null,
    "hash" varchar not null,
    "extension" varchar not null,
    "width" integer not null,
    "height" integer not null,
    "bytes" integer not null,
    "name" varchar not null,
    "created_at" datetime,
    "updated_at" datetime, foreign key("workspace_id") references "workspaces"("id") on delete cascade);
CREATE UNIQUE INDEX "pictures_workspace_id_hash_unique" on "pictures" ("workspace_id",
    "hash");
CREATE TABLE "picture_variants" ("id" integer primary key autoincrement not null,
    "key" varchar not null,
    "recipe" text not null,
    "hash" varchar not null,
    "extension" varchar not null,
    "bytes" integer not null,
    "created_at" datetime not null);
CREATE UNIQUE INDEX "picture_variants_key_unique" on "picture_variants" ("key");
CREATE INDEX "picture_variants_hash_index" on "picture_variants" ("hash");
insert into migrations values (1, '2026_11_25_000001_create_workspaces', 1);
insert into migrations values (2, '2026_11_25_000002_create_cards', 1);
insert into migrations values (3, '2026_11_25_000003_create_pictures', 1);
insert into users (id, name, email, password) values (1, 'Ada', 'ada@loom.example', 'x');
insert into workspaces (id, name) values (1, 'Loom');
insert into memberships values (1, 1);
insert into cards (id, workspace_id, name, head) values (1, 1, 'Old', 2);

-- Up Migration

-- Gardens that are to be worked out, or have been: a queue that any process may take from. A job that its process left
-- unfinished is free again after a while.
CREATE TABLE proposal_job (
  id bigint GENERATED ALWAYS AS IDENTITY PRIMARY KEY,
  programme_id uuid NOT NULL,
  household_id uuid NOT NULL,
  aim text NOT NULL CHECK (aim IN ('soon', 'value', 'ease')),
  status text NOT NULL DEFAULT 'waiting' CHECK (status IN ('waiting', 'working', 'done', 'failed')),
  asked_by text NOT NULL,
  asked_at timestamptz NOT NULL DEFAULT now(),
  taken_at timestamptz,
  -- Version of the plan that the proposal was made for.
  plan_version integer,
  result jsonb,
  FOREIGN KEY (programme_id, household_id) REFERENCES household (programme_id, id)
);
CREATE INDEX ON proposal_job (programme_id, household_id, id DESC);
CREATE INDEX ON proposal_job (id) WHERE status IN ('waiting', 'working');

-- Down Migration

DROP TABLE proposal_job;

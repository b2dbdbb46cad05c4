-- Who asks by a session that is open, in one question; whether the session is due to be renewed is for the sign-in library.
create function farvin_who_asks(asked text, renew interval)
  returns table (session_id text, due boolean, user_id text, name text, org_id uuid, role text)
  language plpgsql stable security definer set search_path = public as $$
begin
  return query select s.id, s.expires_at < now() + renew, u.id, u.name, m.org_id, m.role
    from "session" s join "user" u on u.id = s.user_id join membership m on m.user_id = u.id
    where s.token = asked and s.expires_at > now()
    -- The same house each time, for a person of two.
    order by m.org_id limit 1;
end $$;
--> statement-breakpoint
revoke execute on function farvin_who_asks from public;
--> statement-breakpoint
grant execute on function farvin_who_asks to farvin_app;

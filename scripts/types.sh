# Sourced by summit: writes the client's types anew from the server's description.
maven -pl core,content,web,app test -Dnpm.ci.skip="$(npm_state)" -Dtest=OpenApiTest -Dsurefire.failIfNoSpecifiedTests=false -Dopenapi.write=true
npm --prefix web run --silent types >&2
say "Written: web/openapi/openapi.json and web/src/api/types.ts"

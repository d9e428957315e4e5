// Made by npm run api; change the records or the schema it is made from instead.
export interface paths {
    "/api/appointments": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post: operations["book"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/appointments/{id}": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put: operations["move"];
        post?: never;
        delete: operations["cancel"];
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/appointments/{id}/back": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post: operations["putBack"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/appointments/{id}/state": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put: operations["tell"];
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/appointments/{id}/told": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post: operations["tellMoved"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/bites": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post: operations["bites"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/check-round": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post: operations["checkRound"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/clients": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get: operations["named"];
        put?: never;
        post: operations["add_5"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/clients/erased": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get: operations["erased"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/clients/{clientId}/families/{family}": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get: operations["fitted"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/clients/{clientId}/photos": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get: operations["all_5"];
        put?: never;
        post: operations["add_8"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/clients/{clientId}/plans": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post: operations["add_7"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/clients/{clientId}/sitdown": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get: operations["newest"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/clients/{clientId}/sitdowns": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post: operations["add_6"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/clients/{id}": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get: operations["one_3"];
        put: operations["correct"];
        post?: never;
        delete: operations["erase"];
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/clients/{id}/export.zip": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get: operations["export"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/clients/{id}/families/{family}/picture.png": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get: operations["ofFamily"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/clients/{id}/growing/{family}": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get: operations["way"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/clients/{id}/growing/{family}/meanwhile": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get: operations["meanwhile"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/clients/{id}/growing/{family}/picture.png": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get: operations["growing"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/clients/{id}/growing/{family}/sheet.pdf": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get: operations["sheet_1"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/clients/{id}/learnt": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get: operations["learnt"];
        put?: never;
        post?: never;
        delete: operations["forget_1"];
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/clients/{id}/ranking": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get: operations["rank"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/clients/{id}/trail": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get: operations["client"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/clients/{id}/unerase": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post: operations["unerase"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/coat": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post: operations["coat"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/coats": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get: operations["coats"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/comb/readings": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get: operations["readings_1"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/contacts": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post: operations["take_2"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/contacts.vcf": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get: operations["all_9"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/contacts/read": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post: operations["read"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/dials": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post: operations["dials"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/diary": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get: operations["diary"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/diary/busy": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post: operations["busy"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/diary/feed": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post: operations["feed"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/diary/free": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get: operations["free"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/diary/late": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get: operations["late"];
        put?: never;
        post: operations["push"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/dry-pass": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post: operations["dryPass"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/edit/dial": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post: operations["dial"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/edit/differences": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post: operations["differences"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/edit/edge": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post: operations["edge"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/edit/fade": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post: operations["fade_1"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/edit/land": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post: operations["land"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/edit/length": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post: operations["length"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/edit/move": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post: operations["move_1"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/edit/remedies": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post: operations["remedies"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/edit/section": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post: operations["section"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/edit/softness": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post: operations["softness"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/edit/weight": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post: operations["weight"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/edit/weight-off": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post: operations["weightOff"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/fades": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post: operations["fade"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/fall": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post: operations["fall_1"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/families": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get: operations["all_8"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/families/{id}": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get: operations["one_2"];
        put: operations["save_3"];
        post?: never;
        delete: operations["delete_1"];
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/finishing": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post: operations["finishing"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/fit": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post: operations["fit"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/grip": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post: operations["grip"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/head": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post: operations["head_1"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/in-hand": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post: operations["inHand"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/kit": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get: operations["all_4"];
        put?: never;
        post: operations["add_4"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/kit/{id}": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put: operations["set_3"];
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/kit/{id}/events": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post: operations["did"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/ladder": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post: operations["ladder"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/landings": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post: operations["landings"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/look": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post: operations["pair"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/look/{key}": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get: operations["look_1"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/look/{key}/liked": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post: operations["liked"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/look/{key}/picture.png": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get: operations["picture_1"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/map": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post: operations["map"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/messages": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get: operations["all_7"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/mirror": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post: operations["mirror"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/next-cut": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post: operations["nextCut"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/order": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post: operations["order"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/outcome": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post: operations["outcome"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/people": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get: operations["all_3"];
        put?: never;
        post: operations["add_3"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/people/{id}": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put: operations["change"];
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/people/{id}/chair": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put: operations["seat"];
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/people/{id}/password": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post: operations["reset"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/photos/{id}": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post?: never;
        delete: operations["remove_1"];
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/photos/{id}.jpg": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get: operations["one_5"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/plans/{id}": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get: operations["one_1"];
        put: operations["save_2"];
        post?: never;
        delete: operations["delete"];
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/plans/{id}/away": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put: operations["putAway"];
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/plans/{id}/card.pdf": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get: operations["card"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/plans/{id}/document.json": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get: operations["document"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/plans/{id}/fall.glb": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get: operations["glb"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/plans/{id}/picture.png": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get: operations["ofPlan"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/plans/{id}/profile.csv": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get: operations["csv"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/plans/{id}/profile.svg": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get: operations["profile"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/plans/{id}/scalp-map.svg": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get: operations["scalpMap"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/plans/{id}/sheet.pdf": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get: operations["sheet"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/plans/{id}/sheet.svg": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get: operations["sheetSvg"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/plans/{id}/showing": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get: operations["last"];
        put?: never;
        post: operations["begin_3"];
        delete: operations["end"];
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/plans/{id}/silhouettes.svg": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get: operations["silhouettes"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/plans/{id}/trail": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get: operations["plan"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/plans/{planId}/sitting": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get: operations["look"];
        put?: never;
        post: operations["begin_2"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/plans/{planId}/versions": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get: operations["all_2"];
        put?: never;
        post: operations["keep"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/plans/{planId}/versions/{id}": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get: operations["one_4"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/practice": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get: operations["mine_1"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/practice/after": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post: operations["after"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/practice/consents": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put: operations["agree"];
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/practice/courses": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get: operations["courses"];
        put?: never;
        post: operations["put"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/practice/courses/{id}": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post?: never;
        delete: operations["delete_2"];
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/practice/drills/{drill}": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get: operations["task"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/practice/hand": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put: operations["cutsWith"];
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/practice/learners": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get: operations["learners"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/practice/tries": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post: operations["tried"];
        delete: operations["forget"];
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/ramp": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get: operations["ramp"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/records/archive": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post: operations["takeInBeside"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/records/archive.zip": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get: operations["archive"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/records/kit.csv": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get: operations["kit"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/records/visits.csv": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get: operations["visits"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/repairs": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post: operations["repairs"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/replan": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post: operations["replan"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/risk": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post: operations["risk"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/same-longest": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post: operations["longest"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/schema/plan-4.schema.json": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get: operations["schema"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/schema/sitdown-1.schema.json": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get: operations["sitDownSchema"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/school": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get: operations["mine"];
        put: operations["save_1"];
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/school/costs": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get: operations["costs"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/seams": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post: operations["seams"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/session": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get: operations["me"];
        put?: never;
        post: operations["signIn"];
        delete: operations["signOut"];
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/session/again": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post: operations["again"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/session/archive": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post: operations["takeIn"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/session/claim": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get: operations["claimable"];
        put?: never;
        post: operations["claim"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/session/password": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post: operations["password"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/session/second": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get: operations["is"];
        put: operations["begin"];
        post: operations["offer"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/session/second/off": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post: operations["off"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/session/shop": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get: operations["begun"];
        put?: never;
        post: operations["begin_1"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/session/token": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get: operations["token"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/shop": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get: operations["shop"];
        put: operations["call"];
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/shop/closed": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get: operations["closed"];
        put: operations["setClosed"];
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/shop/hours": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get: operations["open"];
        put: operations["set_2"];
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/shop/services": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get: operations["all"];
        put: operations["set_1"];
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/shop/wordings": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get: operations["all_6"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/shop/wordings/{kind}": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put: operations["set"];
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/shop/wordings/{kind}/preview": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post: operations["preview"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/sitdown/fall": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post: operations["fall"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/sitdown/head": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post: operations["head"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/sitdown/picks": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get: operations["picks"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/sitdown/picks/{group}": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post: operations["pick"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/sitdown/scan": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post: operations["file"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/sitdown/scanner": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post: operations["start_1"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/sitdown/scanner/{id}": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get: operations["state_1"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/sitdown/scanner/{id}/fit": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post: operations["take_1"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/sitdown/strand": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post: operations["strand"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/sitdowns/{id}": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get: operations["one"];
        put: operations["save"];
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/sitdowns/{id}/picture.png": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get: operations["ofSitDown"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/sittings/{token}/entries": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get: operations["entries"];
        put?: never;
        post: operations["add_2"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/still.png": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post: operations["of"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/telling": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post: operations["telling"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/today": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get: operations["today"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/visits": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post: operations["add_1"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/visits/{id}/lengths": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get: operations["lengths"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/visits/{id}/picture.png": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get: operations["ofVisit"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/visits/{id}/trail": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get: operations["visit"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/waiting": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get: operations["all_1"];
        put?: never;
        post: operations["add"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/waiting/{id}": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post?: never;
        delete: operations["remove"];
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/words/{word}/picture.png": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get: operations["picture"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/worn-ways": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post: operations["ways"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/feed/{key}.ics": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get: operations["calendar"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/standin/comb/readings": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get: operations["readings"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/standin/messages/messages": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post: operations["take"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/standin/scanner/scans": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post: operations["start"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/standin/scanner/scans/{id}": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get: operations["state"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/standin/scanner/scans/{id}/mesh": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get: operations["mesh"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
}
export type webhooks = Record<string, never>;
export interface components {
    schemas: {
        Added: {
            /** Format: int64 */
            id: number;
        };
        Appointment: {
            byOwnPace: boolean;
            /** Format: int64 */
            clientId: number;
            clientName: string;
            /** Format: date-time */
            endsAt: string;
            /** Format: int64 */
            id: number;
            note: string;
            /** Format: int64 */
            personId: number;
            /** Format: int64 */
            planId?: number;
            planTitle?: string;
            /** Format: int64 */
            planVersion?: number;
            /** Format: int64 */
            priceCents?: number;
            service?: string;
            /** Format: int64 */
            serviceId?: number;
            /** Format: date-time */
            startsAt: string;
            state: components["schemas"]["State"];
            stylist: string;
            /** Format: int64 */
            version: number;
        };
        ArchiveRead: {
            /** Format: int32 */
            known: number;
            /** Format: int32 */
            rows: number;
        };
        Away: {
            away: boolean;
        };
        Begin: {
            /** Format: date-time */
            sentAt?: string;
            /** Format: date-time */
            startedAt: string;
            /** Format: uuid */
            token: string;
        };
        Begun: {
            begun: boolean;
        };
        BiteAdvice: {
            bites: components["schemas"]["BiteRow"][];
            guides: components["schemas"]["GuideRow"][];
            now: components["schemas"]["BiteRow"];
            own: boolean;
            /** Format: double */
            widestBiteMm?: number;
        };
        BiteAsked: {
            document: components["schemas"]["PlanDocument"];
            move: string;
            /** Format: double */
            toleranceMm: number;
        };
        BiteRow: {
            /** Format: double */
            biteMm: number;
            /** Format: double */
            straysMm: number;
        };
        Booking: {
            /** Format: int64 */
            clientId: number;
            /** Format: int32 */
            minutes?: number;
            note?: string;
            /** Format: int64 */
            personId: number;
            /** Format: int64 */
            planId?: number;
            /** Format: int64 */
            serviceId?: number;
            /** Format: date-time */
            startsAt: string;
        };
        BusyRead: {
            /** Format: int32 */
            times: number;
        };
        BusyRow: {
            /** Format: date-time */
            endsAt: string;
            /** Format: int64 */
            personId: number;
            /** Format: date-time */
            startsAt: string;
        };
        /** @enum {string} */
        Came: "planned" | "here" | "didNotCome";
        CardRow: {
            email: string;
            name: string;
            note: string;
            phone: string;
            sameAs?: string;
        };
        CardsRead: {
            cards: components["schemas"]["CardRow"][];
            problems: string[];
        };
        CardsTaken: {
            /** Format: int32 */
            added: number;
        };
        CardsText: {
            text: string;
        };
        /** @enum {string} */
        CareAct: "used" | "disinfected" | "blade" | "oiled" | "sharpened";
        /** @enum {string} */
        Cause: "none" | "leftUncut" | "beganNear" | "beganFar" | "leanedIn" | "leanedOut" | "dipped" | "columnsApart" | "eyeLong" | "eyeShort" | "heldLow" | "heldHigh" | "fingersIn" | "fingersOut" | "cutShort" | "cutLong" | "otherGuard" | "otherGuide" | "bitesWide" | "tooManyBites" | "heldOver" | "bandShows" | "otherHeight" | "liesElsewhere" | "otherOne" | "halfFound" | "outOfOrder" | "dearerWay";
        Chair: {
            /** Format: int64 */
            id: number;
            name: string;
        };
        ChairEntry: {
            /** @constant */
            kind: "measured";
            /** Format: double */
            mm: number;
            place: components["schemas"]["Place"];
        } | {
            /** @constant */
            kind: "tookMore";
            /** Format: double */
            mm: number;
            move: string;
            place: components["schemas"]["Place"];
        } | {
            /** @constant */
            kind: "bite";
            move: string;
        } | {
            /** @constant */
            kind: "done";
            move: string;
        } | {
            /** @constant */
            kind: "reopened";
            move: string;
        } | {
            /** @constant */
            kind: "skipped";
            move: string;
            reason: string;
        } | {
            /** @constant */
            kind: "approved";
            move: string;
        } | {
            /** Format: int32 */
            column: number;
            /** @constant */
            kind: "dosed";
            move: string;
        } | {
            /** @constant */
            kind: "replanned";
            plan: components["schemas"]["PlanDocument"];
        } | {
            /** Format: uuid */
            device: string;
            /** @constant */
            kind: "undone";
            /** Format: int32 */
            number: number;
        } | {
            /** @constant */
            kind: "paused";
        } | {
            /** @constant */
            kind: "resumed";
        } | {
            /** @constant */
            kind: "forDry";
            what: string;
        } | {
            /** @constant */
            kind: "drySeen";
            what: string;
        } | {
            /** Format: int32 */
            item: number;
            /** @constant */
            kind: "checked";
            /** Format: double */
            longerMm: number;
        };
        Changed: {
            disabled: boolean;
            name: string;
            role: components["schemas"]["Role"];
        };
        CheckItem: {
            at: components["schemas"]["CheckItemAt"][];
            /** Format: double */
            expectMm: number;
            kind: components["schemas"]["CheckRoundKind"];
            /** Format: double */
            levelOffMm: number;
            /** Format: double */
            otherMm: number;
            place: components["schemas"]["Place"];
            sections: string[];
            /** Format: double */
            toleranceMm: number;
            way: components["schemas"]["CheckRoundWay"];
        };
        CheckItemAt: {
            move?: string;
            place: components["schemas"]["Place"];
        };
        /** @enum {string} */
        CheckRoundKind: "slip" | "seam" | "lastBite" | "across" | "balance";
        /** @enum {string} */
        CheckRoundWay: "level" | "upright" | "diagonal" | "round" | "none";
        Claim: {
            password: string;
            signIn: string;
        };
        Claimable: {
            owners: string[];
        };
        ClientRow: {
            /** Format: int64 */
            id: number;
            name: string;
            note: string;
            /** Format: int64 */
            planId?: number;
            planTitle?: string;
            /** Format: int64 */
            planVersion?: number;
        };
        ClientView: {
            email: string;
            /** Format: int64 */
            id: number;
            name: string;
            next?: components["schemas"]["NextVisit"];
            note: string;
            phone: string;
            plans: components["schemas"]["PlanRow"][];
            sitDowns: components["schemas"]["SitDownRow"][];
            visits: components["schemas"]["VisitRow"][];
        };
        Closed: {
            days: components["schemas"]["ClosedRow"][];
        };
        ClosedDay: {
            /** Format: date */
            day: string;
            why: string;
        };
        ClosedRow: {
            /** Format: date */
            from: string;
            /** Format: date */
            to: string;
            why: string;
        };
        CoatRow: {
            colours: string[];
            id: string;
            levels: number[];
            title: string;
            unit: string;
        };
        Code: {
            code: string;
        };
        Consents: {
            shown: boolean;
            used: boolean;
        };
        CostRow: {
            about: string;
            choice: string;
            /** Format: double */
            driftMm: number;
            /** Format: double */
            grams: number;
            /** Format: double */
            minutes: number;
        };
        Costs: {
            title: string;
            ways: components["schemas"]["CostRow"][];
        };
        /** @description A document; docs/formats.md has its fields. */
        CourseDocument: import("./documents").CourseDocument;
        CourseRow: {
            course: components["schemas"]["CourseDocument"];
            done: number[];
            /** Format: int64 */
            id: number;
            names: string[];
        };
        Cut: {
            document: components["schemas"]["PlanDocument"];
            measured?: components["schemas"]["Place"][];
        };
        CutsWith: {
            leftHand: boolean;
        };
        /** @enum {string} */
        Damp: "wet" | "damp" | "dry";
        /** @enum {string} */
        Dial: "length" | "farLength" | "off" | "fingerDeg" | "elevationDeg" | "gap" | "leanDeg" | "guardNumber" | "rockAt" | "raise";
        DialAsked: {
            document: components["schemas"]["PlanDocument"];
            /** Format: double */
            mm: number;
            part: components["schemas"]["DialsPart"];
        };
        /** @enum {string} */
        DialsPart: "sides" | "top" | "fringe" | "neck";
        DialsView: {
            fringeEnds: components["schemas"]["DialsViewLands"][];
            /** Format: double */
            minutes: number;
            parts: components["schemas"]["DialsViewPart"][];
            /** Format: double */
            returnFromWeeks: number;
            /** Format: double */
            returnToWeeks: number;
            softness?: components["schemas"]["Softness"];
            /** Format: double */
            weightOffPercent?: number;
        };
        DialsViewLands: {
            landing: components["schemas"]["Landing"];
            now: boolean;
            there: boolean;
        };
        DialsViewPart: {
            /** Format: double */
            mm: number;
            /** Format: double */
            mostMm: number;
            own: boolean;
            part: components["schemas"]["DialsPart"];
        };
        Diary: {
            appointments: components["schemas"]["Appointment"][];
            busy: components["schemas"]["BusyRow"][];
            chairs: components["schemas"]["Chair"][];
            closed: components["schemas"]["ClosedDay"][];
            /** Format: date */
            from: string;
            /** Format: date-time */
            now: string;
            open: components["schemas"]["OpenHours"][];
            zone: string;
        };
        DidTo: {
            act: components["schemas"]["CareAct"];
            /** Format: int64 */
            clientId?: number;
            /** Format: uuid */
            token: string;
        };
        DifferencesAsked: {
            document: components["schemas"]["PlanDocument"];
            other: components["schemas"]["PlanDocument"];
        };
        Done: {
            /** Format: int32 */
            done: number;
            /** Format: int32 */
            of: number;
        };
        /** @enum {string} */
        Drill: "readLength" | "findLandmark" | "oneCentimetre" | "overComb" | "guards" | "hold" | "walkGuide" | "whatLeaves" | "findFault" | "putInOrder" | "saveIt" | "wholeCut";
        DryPassView: {
            /** Format: double */
            lengthMm: number;
            lies: boolean;
            /** Format: double */
            longerMm: number;
            place: components["schemas"]["Place"];
            /** Format: double */
            shorterMm: number;
            /** Format: double */
            weeks: number;
            words: string;
        };
        EdgeAsked: {
            document: components["schemas"]["PlanDocument"];
            /** Format: double */
            fromX: number;
            /** Format: double */
            fromY: number;
            /** Format: int32 */
            limit: number;
            section: string;
            upper: boolean;
            /** Format: double */
            value?: number;
            /** Format: double */
            x: number;
            /** Format: double */
            y: number;
        };
        Edited: {
            document: components["schemas"]["PlanDocument"];
            words: string;
        };
        EntryRow: {
            /** Format: date-time */
            at: string;
            /** Format: uuid */
            device: string;
            entry: components["schemas"]["ChairEntry"];
            /** Format: int64 */
            id: number;
            /** Format: int32 */
            number: number;
        };
        ErasedClients: {
            clients: components["schemas"]["Waiting"][];
        };
        /** @enum {string} */
        FacePlace: "browLeft" | "browRight" | "eyeLeft" | "eyeRight" | "cheekLeft" | "cheekRight" | "noseTip" | "earHighLeft" | "earHighRight" | "midEarLeft" | "midEarRight" | "lobeLeft" | "lobeRight" | "jawLeft" | "jawRight" | "chin" | "collar";
        FadeAsked: {
            document: components["schemas"]["PlanDocument"];
            /** Format: double */
            fromMm?: number;
            move: string;
            /** Format: double */
            toMm?: number;
        };
        /** @enum {string} */
        FadeEditStart: "low" | "middle" | "high" | "drop" | "temple" | "nape" | "skin";
        FadeView: {
            bands: components["schemas"]["FadeViewBand"][];
            /** Format: double */
            fromMm: number;
            /** Format: double */
            minutes: number;
            offers: components["schemas"]["FadeViewOffer"][];
            strips: components["schemas"]["FadeViewStrip"][];
            /** Format: double */
            toMm: number;
            /** Format: double */
            worstMm: number;
        };
        FadeViewBand: {
            /** Format: double */
            fromShare: number;
            /** Format: double */
            heightMm: number;
            /** Format: double */
            leverMm: number;
            /** Format: double */
            number: number;
            /** Format: double */
            toShare: number;
        };
        FadeViewOffer: {
            bands: components["schemas"]["FadeViewBand"][];
            /** Format: double */
            minutes: number;
            /** Format: double */
            worstMm: number;
        };
        FadeViewStrip: {
            /** Format: double */
            boneMm: number;
            /** Format: double */
            highMm: number;
            place: components["schemas"]["Place"];
        };
        FallAnswer: {
            coarse: boolean;
            colour: string;
            ears: components["schemas"]["LookResultEarsView"];
            face: string[];
            findingWords: string[];
            findings: components["schemas"]["FindingView"][];
            grams: components["schemas"]["LookResultGramsView"];
            /** Format: double */
            greyShare: number;
            /** Format: double */
            grownMm: number;
            /** Format: double */
            hidesPerMm: number;
            holes: components["schemas"]["LookResultHoleView"][];
            landings: components["schemas"]["LandingView"][];
            layering: components["schemas"]["LookResultLayeringView"][];
            lengths: string;
            outgrown: components["schemas"]["OutgrownView"];
            part?: components["schemas"]["HairInkPart"];
            pigmented: string;
            /** Format: int32 */
            points: number;
            pressed: components["schemas"]["HairInkLine"][];
            returnWords: string;
            /** Format: double */
            rootsMm?: number;
            skin: components["schemas"]["LookResultSkinView"][];
            skinColour: string;
            standing: components["schemas"]["LookResultStandingView"][];
            /** Format: int32 */
            strands: number;
            /** Format: int32 */
            unsettled: number;
            unsettledNear: {
                [key: string]: number;
            };
            /** Format: double */
            week: number;
            weightLines: components["schemas"]["LookResultWeightLineView"][];
            white: string;
            words: string[];
        };
        FamilyRow: {
            about: string;
            id: string;
            mark: string;
            /** Format: int32 */
            moves: number;
            own: boolean;
            title: string;
        };
        Feed: {
            path: string;
        };
        /** @enum {string} */
        FindingSeverity: "stop" | "warn" | "note";
        /** @enum {string} */
        FindingUnit: "mm" | "mm2" | "percent";
        FindingView: {
            /** Format: double */
            amount: number;
            meant?: components["schemas"]["Meant"];
            move?: string;
            place: components["schemas"]["Place"];
            rule: string;
            severity: components["schemas"]["FindingSeverity"];
            unit: components["schemas"]["FindingUnit"];
            with?: string[];
        };
        Finish: {
            home: string[];
            /** Format: double */
            returnFrom: number;
            /** Format: double */
            returnTo: number;
            returnWords: string;
            steps: components["schemas"]["FinishStep"][];
        };
        FinishStep: {
            damp: components["schemas"]["Damp"];
            words: string;
        };
        FitView: {
            answered: string[];
            document?: components["schemas"]["PlanDocument"];
            /** Format: double */
            rmsMm: number;
            settings: components["schemas"]["FitViewSetting"][];
            unmet: components["schemas"]["FitViewUnmet"][];
            /** Format: double */
            worstMm: number;
        };
        FitViewSetting: {
            because?: components["schemas"]["Place"];
            /** Format: double */
            from: number;
            knob: string;
            /** Format: double */
            to: number;
            why?: string;
        };
        FitViewUnmet: {
            asked: boolean;
            /** Format: double */
            getsMm: number;
            /** Format: double */
            needMm: number;
            place: components["schemas"]["Place"];
            reason: components["schemas"]["PlannerReason"];
            /** Format: double */
            weeks: number;
            words: string;
        };
        FittedScan: {
            format: string;
            head?: components["schemas"]["ScannedHead"];
            points: number[];
            problem?: string;
            residualMm: number[];
            /** Format: double */
            rmsMm: number;
            scanPoints: number[];
            /** Format: int64 */
            triangles: number;
            unit?: string;
        };
        /** @enum {string} */
        Form: "page" | "detailed";
        Free: {
            byOwnPace: boolean;
            /** Format: int32 */
            minutes: number;
            /** Format: int64 */
            personId: number;
            /** Format: date-time */
            startsAt: string;
            stylist: string;
            zone: string;
        };
        GripAsked: {
            /** Format: int32 */
            bite: number;
            document: components["schemas"]["PlanDocument"];
            move: string;
        };
        GripRow: {
            /** Format: int32 */
            bite: number;
            /** Format: int32 */
            bites: number;
            edge: number[][];
            flat: components["schemas"]["PartingRow"][];
            out: number[];
            /** Format: int32 */
            parting: number;
            partings: components["schemas"]["PartingRow"][];
            roots: number[][];
            tips: number[][];
            tool: string;
        };
        GrowOutViewStep: {
            /** Format: double */
            cutMm: number;
            /** Format: double */
            haveMm: number;
            /** Format: double */
            mayTrimMm: number;
            place: components["schemas"]["Place"];
            /** Format: double */
            targetMm: number;
        };
        GrowOutViewVisit: {
            steps: components["schemas"]["GrowOutViewStep"][];
            /** Format: double */
            week: number;
        };
        GrowingWay: {
            last: components["schemas"]["Place"];
            reachableWeeks: components["schemas"]["WeeksView"];
            title: string;
            told: components["schemas"]["VisitTold"][];
            visits: components["schemas"]["GrowOutViewVisit"][];
            words: string;
        };
        GuideRow: {
            guide: string;
            /** Format: double */
            straysMm: number;
        };
        HairInk: {
            colour: string;
            face: string[];
            /** Format: double */
            greyShare: number;
            /** Format: double */
            hidesPerMm: number;
            lengths: string;
            part?: components["schemas"]["HairInkPart"];
            pigmented: string;
            pressed: components["schemas"]["HairInkLine"][];
            /** Format: double */
            rootsMm?: number;
            skinColour: string;
            white: string;
        };
        HairInkLine: {
            /** Format: double */
            showsShare: number;
            /** Format: double */
            widthMm: number;
            xyzMm: number[];
        };
        HairInkPart: {
            /** Format: double */
            fromY: number;
            /** Format: double */
            x: number;
        };
        HeadMeasures: {
            /** Format: double */
            breadthMm: number;
            /** Format: double */
            earToEarMm: number;
            /** Format: double */
            frontToNapeMm: number;
            /** Format: double */
            girthMm: number;
            /** Format: double */
            lengthMm: number;
            /** Format: double */
            occipitalMm: number;
        };
        HeadView: {
            /** Format: double */
            breadthMm: number;
            /** Format: double */
            earToEarMm: number;
            face: {
                [key: string]: number[];
            };
            /** Format: double */
            frontToNapeMm: number;
            /** Format: double */
            girthMm: number;
            landmarks: {
                [key: string]: number[];
            };
            /** Format: double */
            lengthMm: number;
            /** Format: double */
            occipitalMm: number;
        };
        InHandAnswer: {
            colour: string;
            face: string[];
            /** Format: double */
            greyShare: number;
            /** Format: double */
            grownMm: number;
            /** Format: double */
            hidesPerMm: number;
            lengths: string;
            lines: components["schemas"]["InHandAnswerBiteLine"][];
            part?: components["schemas"]["HairInkPart"];
            pigmented: string;
            pressed: components["schemas"]["HairInkLine"][];
            /** Format: double */
            rootsMm?: number;
            skinColour: string;
            /** Format: int32 */
            strands: number;
            white: string;
        };
        InHandAnswerBiteLine: {
            edge: number[][];
            out: number[];
        };
        InHandAsked: {
            document: components["schemas"]["PlanDocument"];
            move: string;
        };
        Keep: {
            document: components["schemas"]["PlanDocument"];
            name: string;
        };
        /** @enum {string} */
        Kind: "reminder" | "return" | "moved";
        Kit: {
            tools: components["schemas"]["ToolRow"][];
        };
        LadderAsked: {
            document: components["schemas"]["PlanDocument"];
            guardNumbers?: number[];
            /** Format: int32 */
            mostChanges?: number;
            section: string;
            /** Format: double */
            stepShare?: number;
            /** Format: double */
            toleranceMm?: number;
        };
        LadderView: {
            answers: components["schemas"]["LadderViewAnswer"][];
        };
        LadderViewAnswer: {
            bands: components["schemas"]["LadderViewBand"][];
            /** Format: int32 */
            changes: number;
            chosen: boolean;
            /** Format: double */
            worstMm: number;
        };
        LadderViewBand: {
            columns: components["schemas"]["LadderViewColumn"][];
            /** Format: double */
            guardMm?: number;
            /** Format: double */
            rockRadiusMm?: number;
            tool: components["schemas"]["LadderViewTool"];
        };
        LadderViewColumn: {
            /** Format: double */
            aroundDeg: number;
            /** Format: double */
            fromMm: number;
            /** Format: double */
            rockFromMm: number;
            /** Format: double */
            toFingers: number;
            /** Format: double */
            toMm: number;
        };
        /** @enum {string} */
        LadderViewTool: "comb" | "guard";
        LandAsked: {
            document: components["schemas"]["PlanDocument"];
            landing: components["schemas"]["Landing"];
        };
        /** @enum {string} */
        Landing: "brow" | "eye" | "cheek" | "noseTip" | "earTop" | "midEar" | "earLobe" | "jaw" | "chin" | "collar";
        LandingRow: {
            /** Format: double */
            lengthMm: number;
            name: string;
            place: components["schemas"]["Place"];
        };
        LandingView: {
            /** Format: double */
            belowMm?: number;
            /** Format: double */
            ofHairlineMm: number;
            place?: components["schemas"]["FacePlace"];
            side: components["schemas"]["Side"];
        };
        LandingViewWorn: {
            /** Format: double */
            earsShare: number;
            fringe: components["schemas"]["LandingView"];
            /** Format: double */
            staysShare: number;
            way: components["schemas"]["StylingWay"];
        };
        LateRows: {
            /** Format: int64 */
            personId: number;
            rows: components["schemas"]["PushedRow"][];
        };
        /** @enum {string} */
        LayeringKind: "layered" | "uniform" | "graduated" | "solid";
        LearnerRow: {
            courses: components["schemas"]["CourseRow"][];
            /** Format: int64 */
            id: number;
            name: string;
            progress: components["schemas"]["Progress"];
        };
        LearntView: {
            lessons: components["schemas"]["Lesson"][];
        };
        LengthAsked: {
            /** Format: double */
            atMm: number;
            both?: boolean;
            document: components["schemas"]["PlanDocument"];
            /** Format: double */
            keptMm?: number;
            /** Format: double */
            lengthMm: number;
            walk: components["schemas"]["WalkKind"];
        };
        Lesson: {
            /** Format: int32 */
            from: number;
            heed: boolean;
            used: boolean;
            what: components["schemas"]["LessonWhat"];
            words: string;
        };
        /** @enum {string} */
        LessonWhat: "growth" | "pace" | "bites" | "bias" | "stretch";
        /** @enum {string} */
        Light: "day" | "lamp" | "sun" | "photo";
        Liked: {
            what: string;
        };
        Longest: {
            document: components["schemas"]["PlanDocument"];
            words: string;
        };
        LongestAsked: {
            document: components["schemas"]["PlanDocument"];
            /** Format: int32 */
            weeks: number;
        };
        Look: {
            /** Format: date-time */
            endsAt: string;
            liked?: string;
            sights: components["schemas"]["Sight"][];
        };
        LookResult: {
            ears: components["schemas"]["LookResultEarsView"];
            grams: components["schemas"]["LookResultGramsView"];
            /** Format: double */
            grownMm: number;
            holes: components["schemas"]["LookResultHoleView"][];
            landings: components["schemas"]["LandingView"][];
            layering: components["schemas"]["LookResultLayeringView"][];
            /** Format: int32 */
            points: number;
            skin: components["schemas"]["LookResultSkinView"][];
            standing: components["schemas"]["LookResultStandingView"][];
            /** Format: int32 */
            strands: number;
            /** Format: int32 */
            unsettled: number;
            unsettledNear: {
                [key: string]: number;
            };
            /** Format: double */
            week: number;
            weightLines: components["schemas"]["LookResultWeightLineView"][];
        };
        LookResultEarsView: {
            /** Format: double */
            leftShare: number;
            /** Format: double */
            rightShare: number;
        };
        LookResultGramsView: {
            /** Format: double */
            left: number;
            /** Format: double */
            right: number;
        };
        LookResultHoleView: {
            place: components["schemas"]["Place"];
            /** Format: double */
            share: number;
        };
        LookResultLayeringView: {
            /** Format: double */
            fromMm: number;
            kind: components["schemas"]["LayeringKind"];
            /** Format: double */
            slope: number;
            /** Format: double */
            toMm: number;
            walk: components["schemas"]["WalkKind"];
        };
        LookResultSkinView: {
            /** Format: double */
            contrast: number;
            /** Format: double */
            cover: number;
            /** Format: double */
            heightMm: number;
            side: components["schemas"]["Side"];
        };
        LookResultStandingView: {
            /** Format: double */
            lengthMm: number;
            /** Format: double */
            offMm: number;
            place: components["schemas"]["Place"];
            /** Format: double */
            share: number;
        };
        LookResultWeightLineView: {
            /** Format: double */
            aboveEdgeMm: number;
            /** Format: double */
            fromDeg: number;
            /** Format: double */
            heightMm: number;
            near: components["schemas"]["Place"];
            /** Format: double */
            share: number;
            /** Format: double */
            toDeg: number;
        };
        MapGridStretch: {
            bound: boolean;
            /** Format: int32 */
            limit: number;
            points: number[][];
        };
        Meant: {
            move?: string;
            note: string;
            place?: components["schemas"]["Place"];
            rule: string;
        };
        Meanwhile: {
            words: string;
        };
        Measured: {
            document: components["schemas"]["PlanDocument"];
            /** Format: int32 */
            done: number;
            measuredMm: {
                [key: string]: number;
            };
        };
        MessageRow: {
            address: string;
            /** Format: int64 */
            clientId: number;
            clientName: string;
            /** Format: date-time */
            givenUpAt?: string;
            /** Format: int64 */
            id: number;
            kind: components["schemas"]["Kind"];
            /** Format: date-time */
            madeAt: string;
            /** Format: date-time */
            nextTryAt?: string;
            /** Format: date-time */
            sentAt?: string;
            why?: string;
            words: string;
        };
        MoveAsked: {
            /** Format: int32 */
            at: number;
            document: components["schemas"]["PlanDocument"];
            move?: string;
            section?: string;
            what: string;
        };
        MoveResult: {
            /** Format: int32 */
            bites: number;
            /** Format: double */
            cutAreaMm2: number;
            doses?: components["schemas"]["MoveResultDoseView"][];
            /** Format: double */
            gramsTextured?: number;
            handling: string[];
            heeds: string[];
            id: string;
            /** Format: double */
            minutes: number;
            /** Format: double */
            shortfallMm: number;
            shortfallPlace?: components["schemas"]["Place"];
            /** Format: double */
            takenMaxMm: number;
            /** Format: int32 */
            turns: number;
        };
        MoveResultDoseView: {
            /** Format: double */
            aroundDeg: number;
            /** Format: double */
            grams: number;
            /** Format: double */
            mostPercent: number;
            /** Format: int32 */
            passes: number;
            /** Format: double */
            percent: number;
        };
        /** @enum {string} */
        MoveStand: "front" | "left" | "right" | "back";
        Moved: {
            /** Format: int32 */
            minutes: number;
            /** Format: int64 */
            personId: number;
            /** Format: date-time */
            startsAt: string;
            /** Format: int64 */
            version: number;
        };
        NeedRow: {
            act: components["schemas"]["CareAct"];
            blocks: boolean;
            /** Format: date-time */
            readyAt?: string;
        };
        NewClient: {
            email?: string;
            name: string;
            note?: string;
            phone?: string;
        };
        NewPassword: {
            password: string;
        };
        NewPerson: {
            name: string;
            password: string;
            role?: components["schemas"]["Role"];
            signIn: string;
            units?: components["schemas"]["Units"];
        };
        NewPlan: {
            document?: components["schemas"]["PlanDocument"];
            family?: string;
        };
        NewShop: {
            name: string;
            owner: components["schemas"]["NewPerson"];
            zone: string;
        };
        NewTool: {
            kind: components["schemas"]["Tool"];
            /** Format: double */
            measuredMm?: number;
            name: string;
            note?: string;
            retired?: boolean;
        };
        NewVisit: {
            /** Format: date-time */
            finishedAt: string;
            /** Format: int64 */
            planId: number;
            /** Format: int64 */
            priceCents?: number;
            remarks?: string;
            /** Format: date-time */
            startedAt: string;
            /** Format: uuid */
            token: string;
        };
        Next: {
            drill: components["schemas"]["Drill"];
            /** Format: int32 */
            level: number;
            name: string;
        };
        NextCutView: {
            places: components["schemas"]["NextCutViewSafe"][];
        };
        NextCutViewSafe: {
            /** Format: double */
            haveMm: number;
            /** Format: double */
            needMm: number;
            place: components["schemas"]["Place"];
            /** Format: double */
            reserveMm: number;
            /** Format: double */
            safeMm: number;
        };
        NextVisit: {
            /** Format: date-time */
            startsAt: string;
            stylist: string;
        };
        Now: {
            damp: components["schemas"]["Damp"];
            document: components["schemas"]["PlanDocument"];
            /** Format: int32 */
            done: number;
            tensed: boolean;
        };
        OpenHours: {
            /** Format: date */
            day: string;
            /** Format: int32 */
            from: number;
            /** Format: int32 */
            to: number;
        };
        Opening: {
            hours: components["schemas"]["OpeningRow"][];
        };
        OpeningRow: {
            /** Format: time-local */
            from: string;
            rule: string;
            /** Format: date */
            since: string;
            /** Format: time-local */
            to: string;
        };
        OrderView: {
            broken: components["schemas"]["OrderViewRule"][];
            circle: string[];
            rules: components["schemas"]["OrderViewRule"][];
            sorted?: string[];
        };
        OrderViewRule: {
            before: string;
            rule: string;
            then: string;
        };
        Outbox: {
            messages: components["schemas"]["MessageRow"][];
        };
        OutgrownView: {
            /** Format: double */
            returnFromWeek: number;
            /** Format: double */
            returnToWeek: number;
            signs: components["schemas"]["OutgrownViewSign"][];
        };
        OutgrownViewSign: {
            /** Format: double */
            growMm: number;
            place: components["schemas"]["Place"];
            weeks: components["schemas"]["WeeksView"];
            what: components["schemas"]["OutgrownWhat"];
        };
        /** @enum {string} */
        OutgrownWhat: "edge" | "outline" | "tail" | "taper" | "fringe" | "ridgeWeight" | "standsOut";
        OwnPassword: {
            current: string;
            password: string;
        };
        Paired: {
            /** Format: uuid */
            key: string;
        };
        /** @enum {string} */
        Paper: "a4" | "letter";
        PartingRow: {
            /** Format: int32 */
            bite: number;
            points: number[][];
        };
        Password: {
            password: string;
        };
        People: {
            people: components["schemas"]["PersonRow"][];
            roles: components["schemas"]["Role"][];
        };
        PersonRow: {
            /** Format: int32 */
            chair?: number;
            /** Format: date-time */
            disabledAt?: string;
            /** Format: int64 */
            id: number;
            me: boolean;
            mine: boolean;
            name: string;
            role: components["schemas"]["Role"];
            signIn: string;
        };
        PersonView: {
            /** Format: int64 */
            id: number;
            leftHanded: boolean;
            name: string;
            rights: components["schemas"]["Right"][];
            role: components["schemas"]["Role"];
            signIn: string;
            units: components["schemas"]["Units"];
            zone: string;
        };
        PhotoRow: {
            /** Format: int32 */
            height: number;
            /** Format: int64 */
            id: number;
            /** Format: date-time */
            takenAt: string;
            /** Format: int64 */
            visitId?: number;
            /** Format: int32 */
            width: number;
        };
        Photos: {
            agreed: boolean;
            photos: components["schemas"]["PhotoRow"][];
        };
        PickGroup: {
            id: string;
            options: components["schemas"]["PickOption"][];
            part: string;
            title: string;
            why: string;
        };
        PickOption: {
            id: string;
            /** @description JSON of any kind. */
            set: {
                [key: string]: unknown;
            };
            title: string;
        };
        /** @enum {string} */
        Place: "front" | "recessionLeft" | "recessionRight" | "templeLeft" | "templeRight" | "sideburnLeft" | "sideburnRight" | "earTopLeft" | "earTopRight" | "behindEarLeft" | "behindEarRight" | "mastoidLeft" | "mastoidRight" | "napeCornerLeft" | "napeCornerRight" | "nape" | "apex" | "ridgeLeft" | "ridgeRight" | "crown" | "dropCrown" | "occipital";
        PlanAnswer: {
            /** Format: int32 */
            bites: number;
            cover: components["schemas"]["PlanResultCoverView"];
            endsMm: {
                [key: string]: number;
            };
            engine: string;
            findingWords: string[];
            findings: components["schemas"]["FindingView"][];
            /** Format: double */
            growthMmPerWeek: number;
            head: components["schemas"]["HeadView"];
            jumps: components["schemas"]["PlanResultJumpView"][];
            ledges: components["schemas"]["PlanResultLedgeView"][];
            ledgesOnWalksMm: {
                [key: string]: number[];
            };
            /** Format: double */
            minutes: number;
            moves: components["schemas"]["MoveResult"][];
            scalp: components["schemas"]["PlanResultScalpView"];
            sections: components["schemas"]["PlanResultSectionResult"][];
            sites?: number[][];
            title: string;
            walks: components["schemas"]["WalkView"][];
            why: string[];
            wishes: components["schemas"]["PlanResultWishView"][];
            words: components["schemas"]["PlanAnswerMoveWords"][];
        };
        PlanAnswerMoveWords: {
            headline: string;
            id: string;
            parts: components["schemas"]["SaidPart"][];
        };
        /** @description A document; docs/formats.md has its fields. */
        PlanDocument: import("./documents").PlanDocument;
        PlanProblem: {
            allowed: string;
            given?: string;
            /** Format: double */
            max?: number;
            /** Format: double */
            min?: number;
            path: string;
            unit?: string;
            value: string;
        };
        PlanResult: {
            /** Format: int32 */
            bites: number;
            cover: components["schemas"]["PlanResultCoverView"];
            endsMm: {
                [key: string]: number;
            };
            engine: string;
            findings: components["schemas"]["FindingView"][];
            head: components["schemas"]["HeadView"];
            jumps: components["schemas"]["PlanResultJumpView"][];
            ledges: components["schemas"]["PlanResultLedgeView"][];
            ledgesOnWalksMm: {
                [key: string]: number[];
            };
            /** Format: double */
            minutes: number;
            moves: components["schemas"]["MoveResult"][];
            scalp: components["schemas"]["PlanResultScalpView"];
            sections: components["schemas"]["PlanResultSectionResult"][];
            sites?: number[][];
            title: string;
            walks: components["schemas"]["WalkView"][];
            wishes: components["schemas"]["PlanResultWishView"][];
        };
        PlanResultCoverView: {
            gaps: components["schemas"]["PlanResultCoverViewPatch"][];
            overlaps: components["schemas"]["PlanResultCoverViewPatch"][];
        };
        PlanResultCoverViewPatch: {
            /** Format: double */
            areaMm2: number;
            near: components["schemas"]["Place"];
            sections: string[];
        };
        PlanResultJumpView: {
            longer: string;
            meant: boolean;
            /** Format: double */
            mm: number;
            near: components["schemas"]["Place"];
            shorter: string;
        };
        PlanResultLedgeView: {
            /** Format: double */
            heightMm: number;
            /** Format: double */
            lengthMm: number;
            meant: boolean;
            near: components["schemas"]["Place"];
        };
        PlanResultScalpView: {
            /** Format: double */
            areaMm2: number;
            /** Format: int32 */
            sites: number;
        };
        PlanResultSectionResult: {
            /** Format: double */
            areaMm2: number;
            id: string;
            /** Format: double */
            maxMm?: number;
            /** Format: double */
            meanMm?: number;
            /** Format: double */
            minMm?: number;
        };
        PlanResultWishView: {
            /** Format: double */
            lengthMm: number;
            /** Format: double */
            overMm: number;
            place: components["schemas"]["Place"];
            /** Format: double */
            shortfallMm: number;
            /** Format: double */
            weeksToGrow: number;
            /** Format: double */
            wishedMm: number;
        };
        PlanRow: {
            away: boolean;
            /** Format: int64 */
            id: number;
            title: string;
            /** Format: date-time */
            updatedAt: string;
            /** Format: int64 */
            version: number;
        };
        PlanView: {
            /** Format: int64 */
            clientId: number;
            clientName: string;
            document: components["schemas"]["PlanDocument"];
            /** Format: int64 */
            id: number;
            /** Format: date-time */
            updatedAt: string;
            /** Format: int64 */
            version: number;
            work: string;
        };
        /** @enum {string} */
        PlannerReason: "tooShort" | "shape" | "range";
        Practised: {
            leftHand: boolean;
            next: components["schemas"]["Next"];
            progress: components["schemas"]["Progress"];
            shown: boolean;
            used: boolean;
        };
        Preview: {
            preview: string;
        };
        Problem: {
            askAgain?: boolean;
            codeNeeded?: boolean;
            /** Format: int64 */
            currentVersion?: number;
            detail: string;
            instance?: string;
            problems?: components["schemas"]["PlanProblem"][];
            /** Format: int32 */
            status: number;
            /** Format: int32 */
            stored?: number;
            title?: string;
            unknownWork?: boolean;
        };
        Progress: {
            drills: components["schemas"]["ProgressDrillRow"][];
            skills: components["schemas"]["ProgressSkillRow"][];
        };
        ProgressDrillRow: {
            drill: components["schemas"]["Drill"];
            last: components["schemas"]["ProgressTryRow"][];
            /** Format: double */
            level: number;
            name: string;
            /** Format: int32 */
            tries: number;
        };
        ProgressEstimateRow: {
            /** Format: double */
            mean: number;
            /** Format: double */
            meanHigh: number;
            /** Format: double */
            meanLow: number;
            /** Format: int32 */
            n: number;
            /** Format: double */
            spread: number;
            /** Format: double */
            spreadHigh: number;
            /** Format: double */
            spreadLow: number;
        };
        ProgressOffRow: {
            /** Format: date-time */
            at: string;
            /** Format: double */
            off: number;
        };
        ProgressSkillRow: {
            estimate?: components["schemas"]["ProgressEstimateRow"];
            name: string;
            offs: components["schemas"]["ProgressOffRow"][];
            skill: components["schemas"]["Skill"];
            /** Format: double */
            usual: number;
        };
        ProgressTryRow: {
            /** Format: date-time */
            at: string;
            cause: components["schemas"]["Cause"];
            good: boolean;
            /** Format: int32 */
            level: number;
            /** Format: double */
            mean: number;
            /** Format: double */
            seconds: number;
            /** Format: int64 */
            seed: number;
            /** Format: double */
            share: number;
            /** Format: double */
            spread: number;
        };
        Pushed: {
            /** Format: int64 */
            personId: number;
            rows: components["schemas"]["PushedRow"][];
        };
        PushedRow: {
            clientName: string;
            /** Format: date-time */
            endsAt: string;
            /** Format: int64 */
            id: number;
            /** Format: date-time */
            startsAt: string;
            /** Format: int64 */
            version: number;
            /** Format: date-time */
            wasAt: string;
        };
        Ramp: {
            colours: string[];
            hairLevels: string[];
            levelsMm: number[];
            skinDepths: string[];
        };
        RankingView: {
            families: components["schemas"]["RankingViewRanked"][];
        };
        RankingViewRanked: {
            fit: components["schemas"]["FitView"];
            id: string;
            reasons: string[];
            /** Format: double */
            score: number;
            title: string;
            /** Format: double */
            weeks: number;
        };
        Relief: {
            mm: number[];
        };
        RemedyRow: {
            document: components["schemas"]["PlanDocument"];
            move?: string;
            place: components["schemas"]["Place"];
            rule: string;
            words: string;
        };
        /** @enum {string} */
        RepairsKind: "leave" | "soften" | "match";
        RepairsView: {
            place: components["schemas"]["Place"];
            repairs: components["schemas"]["RepairsViewRepairRow"][];
            /** Format: double */
            shortMm: number;
            /** Format: double */
            weeks: number;
            words: string;
        };
        RepairsViewRepairRow: {
            /** Format: double */
            apartMm: number;
            document: components["schemas"]["PlanDocument"];
            kind: components["schemas"]["RepairsKind"];
            /** Format: double */
            ledgeMm: number;
            /** Format: double */
            minutes: number;
            /** Format: double */
            mostMm: number;
            words: string;
        };
        ReplanView: {
            changes: components["schemas"]["ReplanViewChange"][];
            document: components["schemas"]["PlanDocument"];
            /** Format: double */
            leftMm: number;
            /** Format: double */
            offMm: number;
            restored: boolean;
            /** Format: double */
            shorterMm: number;
            /** Format: double */
            weeks: number;
            words: string;
        };
        ReplanViewChange: {
            again: boolean;
            dial: components["schemas"]["Dial"];
            /** Format: double */
            from: number;
            move: string;
            /** Format: double */
            to: number;
        };
        /** @enum {string} */
        Right: "see" | "book" | "care" | "cut" | "shop" | "books" | "erase" | "people" | "archive";
        RiskView: {
            moves: components["schemas"]["RiskViewBlame"][];
            own: boolean;
            /** Format: int32 */
            runs: number;
            spreadMm: {
                [key: string]: number;
            };
        };
        RiskViewBlame: {
            move: string;
            name: string;
            /** Format: double */
            share: number;
            /** Format: double */
            spreadMm: number;
        };
        /** @enum {string} */
        Role: "owner" | "manager" | "stylist" | "assistant" | "learner";
        Round: {
            items: components["schemas"]["CheckItem"][];
            own: boolean;
            parts: components["schemas"]["RoundPart"][];
            words: string[];
        };
        /** @enum {string} */
        RoundByRiskPart: "top" | "left" | "right" | "back" | "bothSides";
        RoundPart: {
            items: number[];
            part: components["schemas"]["RoundByRiskPart"];
        };
        SaidPart: {
            path?: string;
            text: string;
        };
        Save: {
            document: components["schemas"]["PlanDocument"];
            /** Format: int64 */
            version: number;
        };
        SaveSitDown: {
            document: components["schemas"]["SitDocument"];
            /** Format: int64 */
            version: number;
        };
        Saved: {
            /** Format: int64 */
            version: number;
        };
        SavedSitDown: {
            /** Format: int64 */
            version: number;
        };
        ScalpMap: {
            hairline: number[][];
            places: {
                [key: string]: number[];
            };
            ridge: number[][];
            sections: components["schemas"]["SectionRow"][];
        };
        Scan: {
            id: string;
            /** Format: double */
            share: number;
            state: string;
        };
        ScannedHead: {
            /** Format: double */
            back: number;
            /** Format: double */
            breadthMm: number;
            /** Format: double */
            earToEarMm: number;
            /** Format: double */
            forehead: number;
            /** Format: double */
            girthMm: number;
            /** Format: double */
            lengthMm: number;
            relief: components["schemas"]["Relief"];
            /** Format: double */
            sides: number;
        };
        ScannerState: {
            id: string;
            /** Format: double */
            share: number;
            state: string;
        };
        School: {
            begin?: components["schemas"]["SchoolBegin"];
            /** Format: double */
            biteMm: number;
            cowlick?: components["schemas"]["SchoolCowlick"];
            crossCheck?: components["schemas"]["SchoolCheck"];
            firmness?: components["schemas"]["SchoolFirmness"];
            fringe?: components["schemas"]["SchoolFringe"];
            knuckle?: components["schemas"]["SchoolKnuckle"];
            outline?: components["schemas"]["SchoolOutline"];
            product?: components["schemas"]["SchoolProduct"];
            taper?: components["schemas"]["SchoolTaper"];
            work?: components["schemas"]["SchoolWork"];
        };
        /** @enum {string} */
        SchoolBegin: "sides" | "back" | "top";
        /** @enum {string} */
        SchoolCheck: "everySection" | "smallBites";
        /** @enum {string} */
        SchoolCowlick: "short" | "long";
        /** @enum {string} */
        SchoolFirmness: "firm" | "none";
        /** @enum {string} */
        SchoolFringe: "first" | "middle" | "last";
        /** @enum {string} */
        SchoolKnuckle: "first" | "second" | "past";
        /** @enum {string} */
        SchoolOutline: "insideFirst" | "outlineFirst";
        /** @enum {string} */
        SchoolProduct: "first" | "last";
        /** @enum {string} */
        SchoolTaper: "beforeDrying" | "afterDrying";
        /** @enum {string} */
        SchoolWork: "attachments" | "comb";
        ScoreView: {
            after: components["schemas"]["PlanDocument"];
            cause: components["schemas"]["Cause"];
            good: boolean;
            /** Format: double */
            mean: number;
            more: string[];
            offs: components["schemas"]["ScoreViewOffRow"][];
            /** Format: double */
            share: number;
            /** Format: double */
            spread: number;
            /** Format: double */
            tolerance: number;
            why: string;
            wished?: components["schemas"]["PlanDocument"];
            worst?: components["schemas"]["ScoreViewOffRow"];
        };
        ScoreViewOffRow: {
            /** Format: double */
            around: number;
            /** Format: double */
            got: number;
            near: components["schemas"]["Place"];
            /** Format: double */
            share: number;
            /** Format: double */
            wanted: number;
        };
        Seat: {
            /** Format: int32 */
            chair?: number;
        };
        Second: {
            on: boolean;
        };
        SecondAsked: {
            password: string;
        };
        SecondCodes: {
            codes: string[];
        };
        SecondDigits: {
            code: string;
        };
        SecondOffer: {
            secret: string;
            uri: string;
        };
        SectionAsked: {
            document: components["schemas"]["PlanDocument"];
            other?: string;
            section: string;
            what: string;
        };
        SectionRow: {
            /** Format: double */
            areaMm2: number;
            corners: number[][];
            id: string;
            middle: number[];
            name: string;
            over: boolean;
            rings: components["schemas"]["MapGridStretch"][][];
        };
        Sent: {
            address: string;
            words: string;
        };
        ServiceRow: {
            /** Format: int64 */
            id?: number;
            /** Format: int32 */
            minutes: number;
            name: string;
            /** Format: int64 */
            priceCents?: number;
        };
        Services: {
            services: components["schemas"]["ServiceRow"][];
        };
        Shop: {
            name: string;
            zone: string;
        };
        Showing: {
            code?: string;
            /** Format: date-time */
            endsAt: string;
            /** Format: uuid */
            id: string;
            liked?: string;
            /** Format: date-time */
            madeAt: string;
        };
        /** @enum {string} */
        Side: "fringe" | "right" | "left" | "nape";
        Sight: {
            id: string;
            way?: string;
            /** Format: int32 */
            week?: number;
        };
        SignIn: {
            code?: string;
            password: string;
            signIn: string;
        };
        /** @description A document; docs/formats.md has its fields. */
        SitDocument: import("./documents").SitDocument;
        SitDownRow: {
            /** Format: date-time */
            createdAt: string;
            /** Format: double */
            curlRatio: number;
            /** Format: double */
            densityPerCm2: number;
            /** Format: double */
            diameterUm: number;
            /** Format: double */
            earToEarMm?: number;
            /** Format: double */
            frontToNapeMm?: number;
            /** Format: double */
            girthMm: number;
            /** Format: int64 */
            id: number;
            /** Format: int64 */
            version: number;
        };
        SitDownView: {
            /** Format: int64 */
            clientId: number;
            clientName: string;
            /** Format: date-time */
            createdAt: string;
            document: components["schemas"]["SitDocument"];
            /** Format: int64 */
            id: number;
            /** Format: date-time */
            updatedAt: string;
            /** Format: int64 */
            version: number;
        };
        SitFall: {
            colour: string;
            face: string[];
            /** Format: double */
            greyShare: number;
            /** Format: double */
            grownMm: number;
            /** Format: double */
            hidesPerMm: number;
            lengths: string;
            part?: components["schemas"]["HairInkPart"];
            pigmented: string;
            pressed: components["schemas"]["HairInkLine"][];
            /** Format: double */
            rootsMm?: number;
            skinColour: string;
            /** Format: int32 */
            strands: number;
            white: string;
        };
        SitReading: {
            cautions: components["schemas"]["SitReadingCautionWords"][];
            /** Format: double */
            densityPerCm2: number;
            /** Format: double */
            grams: number;
            lengthsMm: {
                [key: string]: number;
            };
            measures: components["schemas"]["HeadMeasures"];
            places: {
                [key: string]: number[];
            };
            /** Format: double */
            scalpCm2: number;
            skin: string;
            stops: boolean;
            /** Format: double */
            strands: number;
            /** Format: double */
            wetOverDry: number;
            wishes: components["schemas"]["SitReadingWishWords"][];
        };
        SitReadingCautionWords: {
            id: string;
            stops: boolean;
            words: string;
        };
        SitReadingWishWords: {
            /** Format: double */
            haveMm: number;
            /** Format: double */
            needMm: number;
            /** Format: double */
            offMm: number;
            place: components["schemas"]["Place"];
            /** Format: double */
            shortMm: number;
            /** Format: double */
            weeks: number;
        };
        SittingView: {
            document: components["schemas"]["PlanDocument"];
            entries: components["schemas"]["EntryRow"][];
            /** Format: int64 */
            planId: number;
            /** Format: date-time */
            serverAt: string;
            /** Format: date-time */
            startedAt?: string;
            /** Format: uuid */
            token?: string;
            /** Format: double */
            weeksToGo: number;
        };
        /** @enum {string} */
        Skill: "lengthByEye" | "landmark" | "combGap" | "combLean" | "combLength" | "fingerLength" | "elevation" | "fingers" | "creep" | "pace";
        Slipped: {
            document: components["schemas"]["PlanDocument"];
            slip: string;
        };
        /** @enum {string} */
        Softness: "solid" | "soft" | "piecey";
        SoftnessAsked: {
            document: components["schemas"]["PlanDocument"];
            softness: components["schemas"]["Softness"];
        };
        StandsOut: {
            document: components["schemas"]["PlanDocument"];
            place: components["schemas"]["Place"];
        };
        StartAsked: {
            /** Format: int32 */
            at: number;
            document: components["schemas"]["PlanDocument"];
            start: components["schemas"]["FadeEditStart"];
        };
        /** @enum {string} */
        State: "planned" | "here" | "inTheChair" | "done" | "didNotCome";
        Stopped: {
            stopped: string;
        };
        StoredSoFar: {
            /** Format: int32 */
            stored: number;
        };
        Strand: {
            /** Format: double */
            dryRelaxedMm: number;
            /** Format: double */
            wetPulledMm: number;
        };
        /** @enum {string} */
        StylingWay: "natural" | "back" | "forward" | "left" | "right" | "up";
        TaskView: {
            ask: string;
            asked: components["schemas"]["Place"][];
            choices: components["schemas"]["TaskViewChoice"][];
            columnsDeg: number[];
            document: components["schemas"]["PlanDocument"];
            drill: components["schemas"]["Drill"];
            /** Format: double */
            gapMm: number;
            ghost?: components["schemas"]["PlanDocument"];
            /** Format: double */
            leanDeg: number;
            /** Format: int32 */
            level: number;
            moves: components["schemas"]["TaskViewMoveRow"][];
            name: string;
            pictures: components["schemas"]["PlanDocument"][];
            rise?: components["schemas"]["TaskViewRise"];
            /** Format: int64 */
            seed: number;
            strip?: components["schemas"]["TaskViewStrip"];
        };
        TaskViewChoice: {
            id: string;
            words: string;
        };
        TaskViewDialRow: {
            /** Format: double */
            begins: number;
            dial: components["schemas"]["Dial"];
            /** Format: double */
            least: number;
            /** Format: double */
            most: number;
            /** Format: double */
            step: number;
        };
        TaskViewMoveRow: {
            asks: string;
            cuts: boolean;
            dials: components["schemas"]["TaskViewDialRow"][];
            id: string;
            name: string;
            stand: components["schemas"]["MoveStand"];
        };
        TaskViewRise: {
            /** Format: double */
            behindEarMm: number;
            /** Format: double */
            fromMm: number;
            /** Format: double */
            napeMm: number;
            /** Format: double */
            sideburnMm: number;
            /** Format: double */
            toMm: number;
        };
        TaskViewStrip: {
            /** Format: double */
            fromMm: number;
            /** Format: double */
            toMm: number;
        };
        TellingPlace: {
            place: components["schemas"]["Place"];
            /** Format: double */
            share: number;
        };
        Today: {
            appointments: components["schemas"]["Appointment"][];
            /** Format: date */
            date: string;
            /** Format: date-time */
            now: string;
            shop: string;
            zone: string;
        };
        Told: {
            state: components["schemas"]["Came"];
        };
        /** @enum {string} */
        Tool: "comb" | "guard" | "shears" | "razor" | "clipper";
        ToolRow: {
            asked: boolean;
            /** Format: int64 */
            id: number;
            kind: components["schemas"]["Tool"];
            /** Format: double */
            measuredMm?: number;
            name: string;
            needs: components["schemas"]["NeedRow"][];
            note: string;
            retired: boolean;
        };
        TrailLine: {
            /** Format: date-time */
            at: string;
            device: string;
            done: string;
            who?: string;
        };
        Tried: {
            /** Format: double */
            level: number;
            score: components["schemas"]["ScoreView"];
        };
        /** @description A document; docs/formats.md has its fields. */
        TryDocument: import("./documents").TryDocument;
        TryMade: {
            attempt: components["schemas"]["TryDocument"];
            /** Format: uuid */
            token: string;
        };
        TrySoFar: {
            attempt: components["schemas"]["TryDocument"];
        };
        /** @enum {string} */
        Units: "cm" | "inch";
        Version: {
            /** Format: int64 */
            version: number;
        };
        VersionRow: {
            by: string;
            /** Format: date-time */
            createdAt: string;
            /** Format: int64 */
            id: number;
            name: string;
        };
        /** @enum {string} */
        View: "front" | "left" | "right" | "back" | "top" | "corner" | "cornerLeft" | "backRight" | "backLeft";
        VisitLengths: {
            /** Format: date-time */
            finishedAt: string;
            /** Format: int64 */
            id: number;
            places: components["schemas"]["VisitLengthsPlaceRow"][];
            /** Format: double */
            plannedMinutes: number;
            skipped: components["schemas"]["VisitLengthsSkippedRow"][];
            slips: components["schemas"]["VisitLengthsSlipRow"][];
            title: string;
        };
        VisitLengthsPlaceRow: {
            /** Format: double */
            measuredMm?: number;
            place: components["schemas"]["Place"];
            /** Format: double */
            plannedMm: number;
        };
        VisitLengthsSkippedRow: {
            name: string;
            reason: string;
        };
        VisitLengthsSlipRow: {
            /** Format: double */
            mm: number;
            place: components["schemas"]["Place"];
        };
        VisitRow: {
            /** Format: date-time */
            finishedAt: string;
            /** Format: int64 */
            id: number;
            liked?: string;
            /** Format: int64 */
            minutes: number;
            /** Format: int32 */
            movesDone: number;
            /** Format: int64 */
            planId: number;
            /** Format: int64 */
            priceCents?: number;
            remarks: string;
            stylist: string;
            title: string;
        };
        VisitTold: {
            ends: string;
            leave: string;
            take: string;
        };
        Waiting: {
            /** Format: date-time */
            finalAt: string;
            /** Format: int64 */
            id: number;
            name: string;
        };
        WaitingList: {
            waiting: components["schemas"]["WaitingRow"][];
        };
        WaitingRow: {
            /** Format: int64 */
            clientId: number;
            clientName: string;
            /** Format: int64 */
            id: number;
            note: string;
            /** Format: int64 */
            personId?: number;
            /** Format: int64 */
            planId?: number;
            planTitle?: string;
            /** Format: date */
            until: string;
        };
        Waits: {
            /** Format: int64 */
            clientId: number;
            note?: string;
            /** Format: int64 */
            personId?: number;
            /** Format: int64 */
            planId?: number;
            /** Format: date */
            until: string;
        };
        /** @enum {string} */
        WalkKind: "centre" | "earToEar" | "edge";
        WalkView: {
            afterMove?: components["schemas"]["WalkViewAfter"][];
            beforeMm?: number[];
            distanceMm: number[];
            /** Format: double */
            lengthMm: number;
            marksMm: {
                [key: string]: number;
            };
            pointsMm: number[];
            walk: components["schemas"]["WalkKind"];
        };
        WalkViewAfter: {
            lengthMm: number[];
            move: string;
        };
        WeeksView: {
            /** Format: double */
            early: number;
            /** Format: double */
            late: number;
            /** Format: double */
            mean: number;
        };
        WeightAsked: {
            document: components["schemas"]["PlanDocument"];
            /** Format: double */
            gramsPerDm2?: number;
            move: string;
        };
        WeightOffAsked: {
            document: components["schemas"]["PlanDocument"];
            /** Format: double */
            percent: number;
        };
        WetDry: {
            /** Format: double */
            curlRatio: number;
            /** Format: double */
            stretchShare: number;
        };
        /** @enum {string} */
        WordPictureWord: "apex" | "crown" | "dropCrown" | "occipital" | "mastoid" | "nape" | "recession" | "temple" | "sideburn" | "ridge" | "hairline" | "elevation" | "overdirection";
        Wording: {
            kind: components["schemas"]["Kind"];
            names: string[];
            preview: string;
            usual: string;
            words: string;
        };
        Words: {
            words: string;
        };
        Writing: {
            /** Format: uuid */
            device: string;
            entries: components["schemas"]["Written"][];
            /** Format: date-time */
            sentAt?: string;
        };
        Written: {
            /** Format: date-time */
            at: string;
            entry: components["schemas"]["ChairEntry"];
            /** Format: int32 */
            number: number;
        };
    };
    responses: never;
    parameters: never;
    requestBodies: never;
    headers: never;
    pathItems: never;
}
export type $defs = Record<string, never>;
export interface operations {
    book: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["Booking"];
            };
        };
        responses: {
            /** @description Created */
            201: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Added"];
                };
            };
            /** @description What went wrong (RFC 9457). */
            default: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    move: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: number;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["Moved"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Version"];
                };
            };
            /** @description What went wrong (RFC 9457). */
            default: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    cancel: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: number;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description No Content */
            204: {
                headers: {
                    [name: string]: unknown;
                };
                content?: never;
            };
            /** @description What went wrong (RFC 9457). */
            default: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    putBack: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: number;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description No Content */
            204: {
                headers: {
                    [name: string]: unknown;
                };
                content?: never;
            };
            /** @description What went wrong (RFC 9457). */
            default: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    tell: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: number;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["Told"];
            };
        };
        responses: {
            /** @description No Content */
            204: {
                headers: {
                    [name: string]: unknown;
                };
                content?: never;
            };
            /** @description What went wrong (RFC 9457). */
            default: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    tellMoved: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: number;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description No Content */
            204: {
                headers: {
                    [name: string]: unknown;
                };
                content?: never;
            };
            /** @description What went wrong (RFC 9457). */
            default: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    bites: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["BiteAsked"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["BiteAdvice"];
                };
            };
            /** @description What went wrong (RFC 9457). */
            default: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    checkRound: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["Cut"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Round"];
                };
            };
            /** @description What went wrong (RFC 9457). */
            default: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    named: {
        parameters: {
            query?: {
                q?: string;
            };
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ClientRow"][];
                };
            };
            /** @description What went wrong (RFC 9457). */
            default: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    add_5: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["NewClient"];
            };
        };
        responses: {
            /** @description Created */
            201: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Added"];
                };
            };
            /** @description What went wrong (RFC 9457). */
            default: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    erased: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErasedClients"];
                };
            };
            /** @description What went wrong (RFC 9457). */
            default: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    fitted: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                clientId: number;
                family: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["PlanDocument"];
                };
            };
            /** @description What went wrong (RFC 9457). */
            default: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    all_5: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                clientId: number;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Photos"];
                };
            };
            /** @description What went wrong (RFC 9457). */
            default: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    add_8: {
        parameters: {
            query?: {
                sitting?: string;
            };
            header?: never;
            path: {
                clientId: number;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Created */
            201: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Added"];
                };
            };
            /** @description What went wrong (RFC 9457). */
            default: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    add_7: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                clientId: number;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["NewPlan"];
            };
        };
        responses: {
            /** @description Created */
            201: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Added"];
                };
            };
            /** @description What went wrong (RFC 9457). */
            default: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    newest: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                clientId: number;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["SitDownView"];
                };
            };
            /** @description What went wrong (RFC 9457). */
            default: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    add_6: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                clientId: number;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Created */
            201: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Added"];
                };
            };
            /** @description What went wrong (RFC 9457). */
            default: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    one_3: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: number;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ClientView"];
                };
            };
            /** @description What went wrong (RFC 9457). */
            default: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    correct: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: number;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["NewClient"];
            };
        };
        responses: {
            /** @description No Content */
            204: {
                headers: {
                    [name: string]: unknown;
                };
                content?: never;
            };
            /** @description What went wrong (RFC 9457). */
            default: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    erase: {
        parameters: {
            query: {
                name: string;
            };
            header?: never;
            path: {
                id: number;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description No Content */
            204: {
                headers: {
                    [name: string]: unknown;
                };
                content?: never;
            };
            /** @description What went wrong (RFC 9457). */
            default: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    export: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: number;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/zip": string;
                };
            };
            /** @description What went wrong (RFC 9457). */
            default: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    ofFamily: {
        parameters: {
            query?: {
                view?: components["schemas"]["View"];
                width?: number;
                height?: number;
            };
            header?: never;
            path: {
                id: number;
                family: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "image/png": string;
                };
            };
            /** @description What went wrong (RFC 9457). */
            default: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    way: {
        parameters: {
            query?: {
                everyWeeks?: number;
            };
            header?: never;
            path: {
                id: number;
                family: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["GrowingWay"];
                };
            };
            /** @description What went wrong (RFC 9457). */
            default: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    meanwhile: {
        parameters: {
            query?: {
                week?: number;
            };
            header?: never;
            path: {
                id: number;
                family: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Meanwhile"];
                };
            };
            /** @description What went wrong (RFC 9457). */
            default: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    growing: {
        parameters: {
            query?: {
                week?: number;
                view?: components["schemas"]["View"];
                width?: number;
                height?: number;
            };
            header?: never;
            path: {
                id: number;
                family: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "image/png": string;
                };
            };
            /** @description What went wrong (RFC 9457). */
            default: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    sheet_1: {
        parameters: {
            query?: {
                everyWeeks?: number;
                paper?: components["schemas"]["Paper"];
            };
            header?: never;
            path: {
                id: number;
                family: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/pdf": string;
                };
            };
            /** @description What went wrong (RFC 9457). */
            default: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    learnt: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: number;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["LearntView"];
                };
            };
            /** @description What went wrong (RFC 9457). */
            default: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    forget_1: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: number;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description No Content */
            204: {
                headers: {
                    [name: string]: unknown;
                };
                content?: never;
            };
            /** @description What went wrong (RFC 9457). */
            default: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    rank: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: number;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/x-ndjson": string;
                };
            };
            /** @description What went wrong (RFC 9457). */
            default: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    client: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: number;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["TrailLine"][];
                };
            };
            /** @description What went wrong (RFC 9457). */
            default: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    unerase: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: number;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description No Content */
            204: {
                headers: {
                    [name: string]: unknown;
                };
                content?: never;
            };
            /** @description What went wrong (RFC 9457). */
            default: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    coat: {
        parameters: {
            query: {
                of: string;
            };
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["PlanDocument"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/octet-stream": string;
                };
            };
            /** @description What went wrong (RFC 9457). */
            default: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    coats: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["CoatRow"][];
                };
            };
            /** @description What went wrong (RFC 9457). */
            default: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    readings_1: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "text/event-stream": string;
                };
            };
            /** @description What went wrong (RFC 9457). */
            default: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    take_2: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["CardRow"][];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["CardsTaken"];
                };
            };
            /** @description What went wrong (RFC 9457). */
            default: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    all_9: {
        parameters: {
            query?: {
                version?: number;
            };
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "text/vcard": string;
                };
            };
            /** @description What went wrong (RFC 9457). */
            default: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    read: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["CardsText"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["CardsRead"];
                };
            };
            /** @description What went wrong (RFC 9457). */
            default: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    dials: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["PlanDocument"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["DialsView"];
                };
            };
            /** @description What went wrong (RFC 9457). */
            default: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    diary: {
        parameters: {
            query?: {
                from?: string;
                days?: number;
            };
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Diary"];
                };
            };
            /** @description What went wrong (RFC 9457). */
            default: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    busy: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["BusyRead"];
                };
            };
            /** @description What went wrong (RFC 9457). */
            default: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    feed: {
        parameters: {
            query?: {
                anew?: boolean;
            };
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Feed"];
                };
            };
            /** @description What went wrong (RFC 9457). */
            default: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    free: {
        parameters: {
            query: {
                planId?: number;
                serviceId?: number;
                any?: boolean;
                from: string;
            };
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Free"];
                };
            };
            /** @description What went wrong (RFC 9457). */
            default: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    late: {
        parameters: {
            query: {
                personId: number;
                freeAt: string;
            };
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["LateRows"];
                };
            };
            /** @description What went wrong (RFC 9457). */
            default: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    push: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["Pushed"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["LateRows"];
                };
            };
            /** @description What went wrong (RFC 9457). */
            default: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    dryPass: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["StandsOut"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["DryPassView"];
                };
            };
            /** @description What went wrong (RFC 9457). */
            default: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    dial: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["DialAsked"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Edited"];
                };
            };
            /** @description What went wrong (RFC 9457). */
            default: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    differences: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["DifferencesAsked"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": string[];
                };
            };
            /** @description What went wrong (RFC 9457). */
            default: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    edge: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["EdgeAsked"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Edited"];
                };
            };
            /** @description What went wrong (RFC 9457). */
            default: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    fade_1: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["StartAsked"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Edited"];
                };
            };
            /** @description What went wrong (RFC 9457). */
            default: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    land: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["LandAsked"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Edited"];
                };
            };
            /** @description What went wrong (RFC 9457). */
            default: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    length: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["LengthAsked"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Edited"];
                };
            };
            /** @description What went wrong (RFC 9457). */
            default: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    move_1: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["MoveAsked"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Edited"];
                };
            };
            /** @description What went wrong (RFC 9457). */
            default: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    remedies: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["PlanDocument"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["RemedyRow"][];
                };
            };
            /** @description What went wrong (RFC 9457). */
            default: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    section: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["SectionAsked"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Edited"];
                };
            };
            /** @description What went wrong (RFC 9457). */
            default: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    softness: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["SoftnessAsked"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Edited"];
                };
            };
            /** @description What went wrong (RFC 9457). */
            default: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    weight: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["WeightAsked"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Edited"];
                };
            };
            /** @description What went wrong (RFC 9457). */
            default: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    weightOff: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["WeightOffAsked"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Edited"];
                };
            };
            /** @description What went wrong (RFC 9457). */
            default: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    fade: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["FadeAsked"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["FadeView"];
                };
            };
            /** @description What went wrong (RFC 9457). */
            default: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    fall_1: {
        parameters: {
            query?: {
                week?: number;
                preview?: boolean;
            };
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["PlanDocument"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/octet-stream": string;
                };
            };
            /** @description What went wrong (RFC 9457). */
            default: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    all_8: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["FamilyRow"][];
                };
            };
            /** @description What went wrong (RFC 9457). */
            default: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    one_2: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["PlanDocument"];
                };
            };
            /** @description What went wrong (RFC 9457). */
            default: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    save_3: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["PlanDocument"];
            };
        };
        responses: {
            /** @description No Content */
            204: {
                headers: {
                    [name: string]: unknown;
                };
                content?: never;
            };
            /** @description What went wrong (RFC 9457). */
            default: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    delete_1: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description No Content */
            204: {
                headers: {
                    [name: string]: unknown;
                };
                content?: never;
            };
            /** @description What went wrong (RFC 9457). */
            default: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    finishing: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["PlanDocument"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Finish"];
                };
            };
            /** @description What went wrong (RFC 9457). */
            default: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    fit: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["PlanDocument"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["FitView"];
                };
            };
            /** @description What went wrong (RFC 9457). */
            default: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    grip: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["GripAsked"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["GripRow"];
                };
            };
            /** @description What went wrong (RFC 9457). */
            default: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    head_1: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["PlanDocument"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/octet-stream": string;
                };
            };
            /** @description What went wrong (RFC 9457). */
            default: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    inHand: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["InHandAsked"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/octet-stream": string;
                };
            };
            /** @description What went wrong (RFC 9457). */
            default: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    all_4: {
        parameters: {
            query?: {
                clientId?: number;
                planId?: number;
            };
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Kit"];
                };
            };
            /** @description What went wrong (RFC 9457). */
            default: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    add_4: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["NewTool"];
            };
        };
        responses: {
            /** @description Created */
            201: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Added"];
                };
            };
            /** @description What went wrong (RFC 9457). */
            default: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    set_3: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: number;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["NewTool"];
            };
        };
        responses: {
            /** @description No Content */
            204: {
                headers: {
                    [name: string]: unknown;
                };
                content?: never;
            };
            /** @description What went wrong (RFC 9457). */
            default: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    did: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: number;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["DidTo"];
            };
        };
        responses: {
            /** @description No Content */
            204: {
                headers: {
                    [name: string]: unknown;
                };
                content?: never;
            };
            /** @description What went wrong (RFC 9457). */
            default: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    ladder: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["LadderAsked"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["LadderView"];
                };
            };
            /** @description What went wrong (RFC 9457). */
            default: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    landings: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["PlanDocument"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["LandingRow"][];
                };
            };
            /** @description What went wrong (RFC 9457). */
            default: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    pair: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["Code"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Paired"];
                };
            };
            /** @description What went wrong (RFC 9457). */
            default: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    look_1: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                key: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Look"];
                };
            };
            /** @description What went wrong (RFC 9457). */
            default: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    liked: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                key: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["Liked"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content?: never;
            };
            /** @description What went wrong (RFC 9457). */
            default: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    picture_1: {
        parameters: {
            query: {
                what: string;
                view: components["schemas"]["View"];
            };
            header?: never;
            path: {
                key: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "image/png": string;
                };
            };
            /** @description What went wrong (RFC 9457). */
            default: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    map: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["PlanDocument"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ScalpMap"];
                };
            };
            /** @description What went wrong (RFC 9457). */
            default: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    all_7: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Outbox"];
                };
            };
            /** @description What went wrong (RFC 9457). */
            default: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    mirror: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["PlanDocument"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["PlanDocument"];
                };
            };
            /** @description What went wrong (RFC 9457). */
            default: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    nextCut: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["Now"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["NextCutView"];
                };
            };
            /** @description What went wrong (RFC 9457). */
            default: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    order: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["PlanDocument"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["OrderView"];
                };
            };
            /** @description What went wrong (RFC 9457). */
            default: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    outcome: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["PlanDocument"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/octet-stream": string;
                };
            };
            /** @description What went wrong (RFC 9457). */
            default: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    all_3: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["People"];
                };
            };
            /** @description What went wrong (RFC 9457). */
            default: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    add_3: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["NewPerson"];
            };
        };
        responses: {
            /** @description No Content */
            204: {
                headers: {
                    [name: string]: unknown;
                };
                content?: never;
            };
            /** @description What went wrong (RFC 9457). */
            default: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    change: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: number;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["Changed"];
            };
        };
        responses: {
            /** @description No Content */
            204: {
                headers: {
                    [name: string]: unknown;
                };
                content?: never;
            };
            /** @description What went wrong (RFC 9457). */
            default: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    seat: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: number;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["Seat"];
            };
        };
        responses: {
            /** @description No Content */
            204: {
                headers: {
                    [name: string]: unknown;
                };
                content?: never;
            };
            /** @description What went wrong (RFC 9457). */
            default: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    reset: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: number;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["NewPassword"];
            };
        };
        responses: {
            /** @description No Content */
            204: {
                headers: {
                    [name: string]: unknown;
                };
                content?: never;
            };
            /** @description What went wrong (RFC 9457). */
            default: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    remove_1: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: number;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description No Content */
            204: {
                headers: {
                    [name: string]: unknown;
                };
                content?: never;
            };
            /** @description What went wrong (RFC 9457). */
            default: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    one_5: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: number;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "image/jpeg": string;
                };
            };
            /** @description What went wrong (RFC 9457). */
            default: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    one_1: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: number;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["PlanView"];
                };
            };
            /** @description What went wrong (RFC 9457). */
            default: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    save_2: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: number;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["Save"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Saved"];
                };
            };
            /** @description What went wrong (RFC 9457). */
            default: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    delete: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: number;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description No Content */
            204: {
                headers: {
                    [name: string]: unknown;
                };
                content?: never;
            };
            /** @description What went wrong (RFC 9457). */
            default: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    putAway: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: number;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["Away"];
            };
        };
        responses: {
            /** @description No Content */
            204: {
                headers: {
                    [name: string]: unknown;
                };
                content?: never;
            };
            /** @description What went wrong (RFC 9457). */
            default: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    card: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: number;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/pdf": string;
                };
            };
            /** @description What went wrong (RFC 9457). */
            default: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    document: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: number;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": {
                        [key: string]: unknown;
                    };
                };
            };
            /** @description What went wrong (RFC 9457). */
            default: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    glb: {
        parameters: {
            query?: {
                week?: number;
            };
            header?: never;
            path: {
                id: number;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "model/gltf-binary": string;
                };
            };
            /** @description What went wrong (RFC 9457). */
            default: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    ofPlan: {
        parameters: {
            query?: {
                view?: components["schemas"]["View"];
                width?: number;
                height?: number;
                coat?: string;
                before?: boolean;
                week?: number;
                light?: components["schemas"]["Light"];
                way?: string;
                hours?: number;
                dampAir?: number;
            };
            header?: never;
            path: {
                id: number;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "image/png": string;
                };
            };
            /** @description What went wrong (RFC 9457). */
            default: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    csv: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: number;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "text/csv": string;
                };
            };
            /** @description What went wrong (RFC 9457). */
            default: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    profile: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: number;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "image/svg+xml": string;
                };
            };
            /** @description What went wrong (RFC 9457). */
            default: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    scalpMap: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: number;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "image/svg+xml": string;
                };
            };
            /** @description What went wrong (RFC 9457). */
            default: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    sheet: {
        parameters: {
            query?: {
                paper?: components["schemas"]["Paper"];
                form?: components["schemas"]["Form"];
            };
            header?: never;
            path: {
                id: number;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/pdf": string;
                };
            };
            /** @description What went wrong (RFC 9457). */
            default: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    sheetSvg: {
        parameters: {
            query?: {
                paper?: components["schemas"]["Paper"];
            };
            header?: never;
            path: {
                id: number;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "image/svg+xml": string;
                };
            };
            /** @description What went wrong (RFC 9457). */
            default: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    last: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: number;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Showing"];
                };
            };
            /** @description What went wrong (RFC 9457). */
            default: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    begin_3: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: number;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Showing"];
                };
            };
            /** @description What went wrong (RFC 9457). */
            default: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    end: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: number;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content?: never;
            };
            /** @description What went wrong (RFC 9457). */
            default: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    silhouettes: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: number;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "image/svg+xml": string;
                };
            };
            /** @description What went wrong (RFC 9457). */
            default: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    plan: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: number;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["TrailLine"][];
                };
            };
            /** @description What went wrong (RFC 9457). */
            default: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    look: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                planId: number;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["SittingView"];
                };
            };
            /** @description What went wrong (RFC 9457). */
            default: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    begin_2: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                planId: number;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["Begin"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["SittingView"];
                };
            };
            /** @description What went wrong (RFC 9457). */
            default: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    all_2: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                planId: number;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["VersionRow"][];
                };
            };
            /** @description What went wrong (RFC 9457). */
            default: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    keep: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                planId: number;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["Keep"];
            };
        };
        responses: {
            /** @description Created */
            201: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Added"];
                };
            };
            /** @description What went wrong (RFC 9457). */
            default: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    one_4: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                planId: number;
                id: number;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["PlanDocument"];
                };
            };
            /** @description What went wrong (RFC 9457). */
            default: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    mine_1: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Practised"];
                };
            };
            /** @description What went wrong (RFC 9457). */
            default: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    after: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["TrySoFar"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["PlanDocument"];
                };
            };
            /** @description What went wrong (RFC 9457). */
            default: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    agree: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["Consents"];
            };
        };
        responses: {
            /** @description No Content */
            204: {
                headers: {
                    [name: string]: unknown;
                };
                content?: never;
            };
            /** @description What went wrong (RFC 9457). */
            default: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    courses: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["CourseRow"][];
                };
            };
            /** @description What went wrong (RFC 9457). */
            default: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    put: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["CourseDocument"];
            };
        };
        responses: {
            /** @description Created */
            201: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Added"];
                };
            };
            /** @description What went wrong (RFC 9457). */
            default: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    delete_2: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: number;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description No Content */
            204: {
                headers: {
                    [name: string]: unknown;
                };
                content?: never;
            };
            /** @description What went wrong (RFC 9457). */
            default: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    task: {
        parameters: {
            query?: {
                seed?: number;
                level?: number;
            };
            header?: never;
            path: {
                drill: components["schemas"]["Drill"];
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["TaskView"];
                };
            };
            /** @description What went wrong (RFC 9457). */
            default: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    cutsWith: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["CutsWith"];
            };
        };
        responses: {
            /** @description No Content */
            204: {
                headers: {
                    [name: string]: unknown;
                };
                content?: never;
            };
            /** @description What went wrong (RFC 9457). */
            default: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    learners: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["LearnerRow"][];
                };
            };
            /** @description What went wrong (RFC 9457). */
            default: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    tried: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["TryMade"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Tried"];
                };
            };
            /** @description What went wrong (RFC 9457). */
            default: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    forget: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description No Content */
            204: {
                headers: {
                    [name: string]: unknown;
                };
                content?: never;
            };
            /** @description What went wrong (RFC 9457). */
            default: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    ramp: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Ramp"];
                };
            };
            /** @description What went wrong (RFC 9457). */
            default: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    takeInBeside: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ArchiveRead"];
                };
            };
            /** @description What went wrong (RFC 9457). */
            default: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    archive: {
        parameters: {
            query?: {
                year?: number;
                from?: string;
                to?: string;
            };
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/zip": string;
                };
            };
            /** @description What went wrong (RFC 9457). */
            default: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    kit: {
        parameters: {
            query: {
                year: number;
            };
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "text/csv": string;
                };
            };
            /** @description What went wrong (RFC 9457). */
            default: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    visits: {
        parameters: {
            query: {
                year: number;
            };
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "text/csv": string;
                };
            };
            /** @description What went wrong (RFC 9457). */
            default: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    repairs: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["Slipped"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["RepairsView"];
                };
            };
            /** @description What went wrong (RFC 9457). */
            default: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    replan: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["Measured"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ReplanView"];
                };
            };
            /** @description What went wrong (RFC 9457). */
            default: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    risk: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["PlanDocument"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["RiskView"];
                };
            };
            /** @description What went wrong (RFC 9457). */
            default: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    longest: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["LongestAsked"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/x-ndjson": string;
                };
            };
            /** @description What went wrong (RFC 9457). */
            default: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    schema: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/schema+json": {
                        [key: string]: unknown;
                    };
                };
            };
            /** @description What went wrong (RFC 9457). */
            default: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    sitDownSchema: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/schema+json": {
                        [key: string]: unknown;
                    };
                };
            };
            /** @description What went wrong (RFC 9457). */
            default: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    mine: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["School"];
                };
            };
            /** @description What went wrong (RFC 9457). */
            default: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    save_1: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["School"];
            };
        };
        responses: {
            /** @description No Content */
            204: {
                headers: {
                    [name: string]: unknown;
                };
                content?: never;
            };
            /** @description What went wrong (RFC 9457). */
            default: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    costs: {
        parameters: {
            query?: {
                plan?: number;
            };
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Costs"];
                };
            };
            /** @description What went wrong (RFC 9457). */
            default: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    seams: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["PlanDocument"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/octet-stream": string;
                };
            };
            /** @description What went wrong (RFC 9457). */
            default: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    me: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["PersonView"];
                };
            };
            /** @description What went wrong (RFC 9457). */
            default: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    signIn: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["SignIn"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["PersonView"];
                };
            };
            /** @description What went wrong (RFC 9457). */
            default: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    signOut: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description No Content */
            204: {
                headers: {
                    [name: string]: unknown;
                };
                content?: never;
            };
            /** @description What went wrong (RFC 9457). */
            default: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    again: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["Password"];
            };
        };
        responses: {
            /** @description No Content */
            204: {
                headers: {
                    [name: string]: unknown;
                };
                content?: never;
            };
            /** @description What went wrong (RFC 9457). */
            default: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    takeIn: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ArchiveRead"];
                };
            };
            /** @description What went wrong (RFC 9457). */
            default: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    claimable: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Claimable"];
                };
            };
            /** @description What went wrong (RFC 9457). */
            default: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    claim: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["Claim"];
            };
        };
        responses: {
            /** @description No Content */
            204: {
                headers: {
                    [name: string]: unknown;
                };
                content?: never;
            };
            /** @description What went wrong (RFC 9457). */
            default: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    password: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["OwnPassword"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["PersonView"];
                };
            };
            /** @description What went wrong (RFC 9457). */
            default: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    is: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Second"];
                };
            };
            /** @description What went wrong (RFC 9457). */
            default: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    begin: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["SecondDigits"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["SecondCodes"];
                };
            };
            /** @description What went wrong (RFC 9457). */
            default: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    offer: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["SecondAsked"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["SecondOffer"];
                };
            };
            /** @description What went wrong (RFC 9457). */
            default: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    off: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["SecondAsked"];
            };
        };
        responses: {
            /** @description No Content */
            204: {
                headers: {
                    [name: string]: unknown;
                };
                content?: never;
            };
            /** @description What went wrong (RFC 9457). */
            default: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    begun: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Begun"];
                };
            };
            /** @description What went wrong (RFC 9457). */
            default: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    begin_1: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["NewShop"];
            };
        };
        responses: {
            /** @description No Content */
            204: {
                headers: {
                    [name: string]: unknown;
                };
                content?: never;
            };
            /** @description What went wrong (RFC 9457). */
            default: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    token: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description No Content */
            204: {
                headers: {
                    [name: string]: unknown;
                };
                content?: never;
            };
            /** @description What went wrong (RFC 9457). */
            default: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    shop: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Shop"];
                };
            };
            /** @description What went wrong (RFC 9457). */
            default: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    call: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["Shop"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Shop"];
                };
            };
            /** @description What went wrong (RFC 9457). */
            default: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    closed: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Closed"];
                };
            };
            /** @description What went wrong (RFC 9457). */
            default: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    setClosed: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["Closed"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Closed"];
                };
            };
            /** @description What went wrong (RFC 9457). */
            default: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    open: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Opening"];
                };
            };
            /** @description What went wrong (RFC 9457). */
            default: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    set_2: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["Opening"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Opening"];
                };
            };
            /** @description What went wrong (RFC 9457). */
            default: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    all: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Services"];
                };
            };
            /** @description What went wrong (RFC 9457). */
            default: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    set_1: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["Services"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Services"];
                };
            };
            /** @description What went wrong (RFC 9457). */
            default: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    all_6: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Wording"][];
                };
            };
            /** @description What went wrong (RFC 9457). */
            default: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    set: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                kind: components["schemas"]["Kind"];
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["Words"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Wording"];
                };
            };
            /** @description What went wrong (RFC 9457). */
            default: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    preview: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                kind: components["schemas"]["Kind"];
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["Words"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Preview"];
                };
            };
            /** @description What went wrong (RFC 9457). */
            default: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    fall: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["SitDocument"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/octet-stream": string;
                };
            };
            /** @description What went wrong (RFC 9457). */
            default: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    head: {
        parameters: {
            query?: {
                meshes?: boolean;
                strokes?: boolean;
            };
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["SitDocument"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/octet-stream": string;
                };
            };
            /** @description What went wrong (RFC 9457). */
            default: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    picks: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["PickGroup"][];
                };
            };
            /** @description What went wrong (RFC 9457). */
            default: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    pick: {
        parameters: {
            query?: {
                width?: number;
                height?: number;
            };
            header?: never;
            path: {
                group: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["SitDocument"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "image/png": string;
                };
            };
            /** @description What went wrong (RFC 9457). */
            default: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    file: {
        parameters: {
            query?: {
                left?: string;
                right?: string;
                bridge?: string;
                hairMm?: number;
            };
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["FittedScan"];
                };
            };
            /** @description What went wrong (RFC 9457). */
            default: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    start_1: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ScannerState"];
                };
            };
            /** @description What went wrong (RFC 9457). */
            default: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    state_1: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ScannerState"];
                };
            };
            /** @description What went wrong (RFC 9457). */
            default: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    take_1: {
        parameters: {
            query?: {
                hairMm?: number;
            };
            header?: never;
            path: {
                id: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["FittedScan"];
                };
            };
            /** @description What went wrong (RFC 9457). */
            default: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    strand: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["Strand"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["WetDry"];
                };
            };
            /** @description What went wrong (RFC 9457). */
            default: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    one: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: number;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["SitDownView"];
                };
            };
            /** @description What went wrong (RFC 9457). */
            default: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    save: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: number;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["SaveSitDown"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["SavedSitDown"];
                };
            };
            /** @description What went wrong (RFC 9457). */
            default: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    ofSitDown: {
        parameters: {
            query?: {
                view?: components["schemas"]["View"];
                width?: number;
                height?: number;
            };
            header?: never;
            path: {
                id: number;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "image/png": string;
                };
            };
            /** @description What went wrong (RFC 9457). */
            default: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    entries: {
        parameters: {
            query?: {
                after?: number;
            };
            header?: never;
            path: {
                token: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["EntryRow"][];
                };
            };
            /** @description What went wrong (RFC 9457). */
            default: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    add_2: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                token: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["Writing"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["StoredSoFar"];
                };
            };
            /** @description What went wrong (RFC 9457). */
            default: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    of: {
        parameters: {
            query?: {
                view?: components["schemas"]["View"];
                width?: number;
                height?: number;
                week?: number;
            };
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["PlanDocument"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "image/png": string;
                };
            };
            /** @description What went wrong (RFC 9457). */
            default: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    telling: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["PlanDocument"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["TellingPlace"][];
                };
            };
            /** @description What went wrong (RFC 9457). */
            default: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    today: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Today"];
                };
            };
            /** @description What went wrong (RFC 9457). */
            default: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    add_1: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["NewVisit"];
            };
        };
        responses: {
            /** @description Created */
            201: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Added"];
                };
            };
            /** @description What went wrong (RFC 9457). */
            default: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    lengths: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: number;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["VisitLengths"];
                };
            };
            /** @description What went wrong (RFC 9457). */
            default: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    ofVisit: {
        parameters: {
            query?: {
                view?: components["schemas"]["View"];
                width?: number;
                height?: number;
            };
            header?: never;
            path: {
                id: number;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "image/png": string;
                };
            };
            /** @description What went wrong (RFC 9457). */
            default: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    visit: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: number;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["TrailLine"][];
                };
            };
            /** @description What went wrong (RFC 9457). */
            default: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    all_1: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["WaitingList"];
                };
            };
            /** @description What went wrong (RFC 9457). */
            default: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    add: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["Waits"];
            };
        };
        responses: {
            /** @description Created */
            201: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Added"];
                };
            };
            /** @description What went wrong (RFC 9457). */
            default: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    remove: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: number;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description No Content */
            204: {
                headers: {
                    [name: string]: unknown;
                };
                content?: never;
            };
            /** @description What went wrong (RFC 9457). */
            default: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    picture: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                word: components["schemas"]["WordPictureWord"];
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "image/png": string;
                };
            };
            /** @description What went wrong (RFC 9457). */
            default: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    ways: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["PlanDocument"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["LandingViewWorn"][];
                };
            };
            /** @description What went wrong (RFC 9457). */
            default: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    calendar: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                key: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": {
                        [key: string]: unknown;
                    };
                };
            };
            /** @description What went wrong (RFC 9457). */
            default: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    readings: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "text/event-stream": string;
                };
            };
            /** @description What went wrong (RFC 9457). */
            default: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    take: {
        parameters: {
            query?: never;
            header: {
                "Idempotency-Key": string;
            };
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["Sent"];
            };
        };
        responses: {
            /** @description Accepted */
            202: {
                headers: {
                    [name: string]: unknown;
                };
                content?: never;
            };
            /** @description What went wrong (RFC 9457). */
            default: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    start: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Created */
            201: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Scan"];
                };
            };
            /** @description What went wrong (RFC 9457). */
            default: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    state: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Scan"];
                };
            };
            /** @description What went wrong (RFC 9457). */
            default: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    mesh: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "model/ply": string;
                };
            };
            /** @description What went wrong (RFC 9457). */
            default: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
}

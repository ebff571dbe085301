<!doctype html>
<html lang="en">
<head>
    <meta charset="utf-8">
    <meta name="viewport" content="width=device-width, initial-scale=1">
    <meta name="color-scheme" content="light dark">
    <title>Stone Mill: not by this name</title>
</head>
<body>
    <h1>This house does not answer to {{ $host }}</h1>
    <p>A house answers to the names it was told, so that no page from elsewhere can reach it by another. If this name is yours, say so and start again:</p>
    <pre>MILL_HOSTS={{ $host }} bin/mill demo --host …</pre>
    <p>Where units serve it: <code>MILL_HOSTS={{ $host }}</code> in <code>/etc/stone-mill/environment</code>, then <code>systemctl restart stone-mill-php stone-mill-web</code>. Several names stand with commas between them.</p>
</body>
</html>

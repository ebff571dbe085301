// A house as deploy/ has it, without systemd: its own nginx and its own php-fpm, begun from the files that ship, with a certificate made here.
// Places that belong to a machine (/srv, /run, /etc) are put into a folder of the test; nothing else of the files is changed.
import assert from 'node:assert/strict'
import { execFileSync, spawn } from 'node:child_process'
import { cpSync, existsSync, mkdirSync, mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs'
import http from 'node:http'
import https from 'node:https'
import { tmpdir, userInfo } from 'node:os'
import { join } from 'node:path'
import { after, before, test } from 'node:test'

const ROOT = new URL('../..', import.meta.url).pathname.replace(/\/$/, '')
const NAME = 'mill.test'
const PLAIN = 8480
const SECURE = 8481
const PATIENCE_MILLISECONDS = 20_000

const place = mkdtempSync(join(tmpdir(), 'mill-house-'))
const at = {
  run: join(place, 'run'),
  state: join(place, 'state'),
  config: join(place, 'etc'),
  units: join(place, 'units'),
  deploy: join(place, 'deploy'),
}
const servers = []
let environment = {}

/** A shipped file with this test's places in it. */
function placed(text) {
  const me = userInfo().username
  return text
    .replaceAll('/srv/stone-mill/deploy', at.deploy)
    .replaceAll('/srv/stone-mill', ROOT)
    .replaceAll('/run/stone-mill', at.run)
    .replaceAll('/var/lib/stone-mill', at.state)
    .replaceAll('/etc/stone-mill', at.config)
    .replaceAll('mill.example', NAME)
    .replaceAll(`https://${NAME}`, `https://${NAME}:${SECURE}`)
    .replace(/^user mill;/m, me === 'root' ? 'user root;' : '')
    .replace(/^(user|group|listen\.owner|listen\.group) = mill$/gm, (_line, what) => `${what} = ${me}`)
    .replace('opcache.preload_user = mill', `opcache.preload_user = ${me}`)
    .replace(/listen (\[::\]:)?80;/g, (_line, six) => (six ? '' : `listen 127.0.0.1:${PLAIN};`))
    .replace(/listen (\[::\]:)?443 ssl http2;/g, (_line, six) => (six ? '' : `listen 127.0.0.1:${SECURE} ssl http2;`))
    .replace('https://$host$request_uri', `https://$host:${SECURE}$request_uri`)
}

function putInPlace() {
  for (const folder of [at.run, at.state, join(at.state, 'copies'), join(at.config, 'tls'), at.units])
    mkdirSync(folder, { recursive: true, mode: 0o700 })
  cpSync(join(ROOT, 'deploy'), at.deploy, { recursive: true })
  for (const file of ['nginx/nginx.conf', 'nginx/http.conf', 'nginx/server.conf', 'php/fpm.conf', 'php/opcache.ini', 'environment'])
    writeFileSync(join(at.deploy, file), placed(readFileSync(join(at.deploy, file), 'utf8')))
  cpSync(join(at.deploy, 'environment'), join(at.config, 'environment'))
  cpSync(join(at.deploy, 'systemd'), at.units, { recursive: true })
  execFileSync(
    'openssl',
    ['req', '-x509', '-newkey', 'rsa:2048', '-nodes', '-days', '60', '-subj', `/CN=${NAME}`, '-addext', `subjectAltName=DNS:${NAME}`]
      .concat(['-keyout', join(at.config, 'tls/privkey.pem'), '-out', join(at.config, 'tls/fullchain.pem')]),
    { stdio: 'ignore' },
  )
  const said = readFileSync(join(at.config, 'environment'), 'utf8')
  environment = { ...process.env, ...Object.fromEntries([...said.matchAll(/^([A-Z_]+)=(.*)$/gm)].map(([, name, value]) => [name, value])) }
}

/** What a unit begins with, by its own line. */
const commandOf = unit =>
  placed(/^ExecStart=(.*)$/m.exec(readFileSync(join(ROOT, 'deploy/systemd', unit), 'utf8'))[1]).split(' ')

function begin(unit, more = []) {
  const [program, ...words] = commandOf(unit)
  const server = spawn(program, [...words, ...more], { env: { ...environment, PHP_INI_SCAN_DIR: `:${join(at.deploy, 'php')}` }, stdio: ['ignore', 'inherit', 'inherit'] })
  servers.push(server)
}

function ask(path, { headers = {}, secure = true, name = NAME } = {}) {
  return new Promise((resolve, reject) => {
    const options = { host: '127.0.0.1', port: secure ? SECURE : PLAIN, path, headers: { Host: name, ...headers }, agent: false }
    const request = secure
      ? https.get({ ...options, servername: NAME, ca: readFileSync(join(at.config, 'tls/fullchain.pem')) }, answered)
      : http.get(options, answered)
    request.on('error', reject)
    function answered(answer) {
      const parts = []
      answer.on('data', part => parts.push(part))
      answer.on('end', () => resolve({ status: answer.statusCode, headers: answer.headers, body: Buffer.concat(parts) }))
    }
  })
}

async function until(holds, what) {
  for (const end = Date.now() + PATIENCE_MILLISECONDS; !(await holds()); await new Promise(resolve => setTimeout(resolve, 100)))
    assert.ok(Date.now() < end, what)
}

const mill = (...words) => {
  try {
    return { code: 0, said: execFileSync(join(ROOT, 'bin/mill'), words, { env: environment, encoding: 'utf8' }) }
  } catch (failure) {
    return { code: failure.status, said: `${failure.stdout}${failure.stderr}` }
  }
}
const check = () => {
  try {
    const words = ['artisan', 'mill:house', `--config=${at.config}`, `--units=${at.units}`]
    return execFileSync('php', words, { env: environment, cwd: ROOT, encoding: 'utf8' })
  } catch (failure) {
    return `${failure.stdout}${failure.stderr}`
  }
}

before(async () => {
  putInPlace()
  const prepared = mill('house', 'prepare')
  assert.equal(prepared.code, 0, prepared.said)
  begin('stone-mill-php.service', userInfo().uid === 0 ? ['--allow-to-run-as-root'] : [])
  await until(() => existsSync(join(at.run, 'fpm.sock')), 'the workers are there')
  begin('stone-mill-web.service')
  await until(async () => (await ask('/up').catch(() => null))?.status === 200, 'the house answers')
})

after(() => {
  for (const server of servers) server.kill('SIGTERM')
  rmSync(place, { recursive: true, force: true })
})

test('it is up, by TLS, from a kitchen that it made', async () => {
  const answer = await ask('/up')
  assert.equal(answer.body.toString(), '{"up":true}')
  assert.ok(existsSync(join(at.state, 'kitchen.sqlite')))
})

test('who comes by plain HTTP is sent to TLS, and keeps the way', async () => {
  const answer = await ask('/larder?x=1', { secure: false })
  assert.equal(answer.status, 308)
  assert.equal(answer.headers.location, `https://${NAME}:${SECURE}/larder?x=1`)
})

test('what carries a hash is kept for good, and packed on the way', async () => {
  const manifest = JSON.parse(readFileSync(join(ROOT, 'public/build/manifest.json'), 'utf8'))
  const script = `/build/${manifest['web/main.ts'].file}`
  const answer = await ask(script, { headers: { 'Accept-Encoding': 'gzip' } })
  assert.equal(answer.status, 200)
  assert.match(answer.headers['cache-control'], /immutable/)
  assert.equal(answer.headers['content-encoding'], 'gzip')
})

test('the page is there and tells browsers to stay with TLS; robots are asked to pass by', async () => {
  const page = await ask('/', { headers: { Accept: 'text/html' } })
  assert.equal(page.status, 200)
  assert.match(page.headers['strict-transport-security'], /max-age=\d{7,}/)
  assert.match((await ask('/robots.txt')).body.toString(), /Disallow: \//)
})

test('only what belongs to the page is handed out, whatever else lies in its folder', async () => {
  for (const name of ['left-behind.sqlite', 'left-behind.zip', 'copies/kitchen.json']) {
    const file = join(ROOT, 'public', name)
    mkdirSync(join(file, '..'), { recursive: true })
    writeFileSync(file, 'secret')
    const answer = await ask(`/${name}`)
    rmSync(file)
    assert.equal(answer.status, 404, name)
    assert.doesNotMatch(answer.body.toString(), /secret/)
  }
  rmSync(join(ROOT, 'public/copies'), { recursive: true })
  for (const name of ['icon.svg', 'manifest.json', 'sw.js']) assert.equal((await ask(`/${name}`)).status, 200, name)
})

test('a cookie goes by TLS only, and an address that is nowhere is 404', async () => {
  const session = await ask('/api/v1/session')
  for (const cookie of session.headers['set-cookie'] ?? []) assert.match(cookie, /secure/i)
  assert.equal((await ask('/nowhere', { headers: { Accept: 'text/html' } })).status, 404)
  assert.equal((await ask('/build/nothing.js')).status, 404)
  assert.equal((await ask('/index.php')).status, 404)
  assert.equal((await ask('/.env')).status, 404)
})

test('a name that it was not told is answered with what to set', async () => {
  const answer = await ask('/', { name: 'kitchen.elsewhere.test', headers: { Accept: 'text/html' } })
  assert.equal(answer.status, 421)
  assert.match(answer.body.toString(), /MILL_HOSTS=kitchen\.elsewhere\.test/)
})

test('bin/mill house finds nothing amiss with names, certificate, units and answers, and says what it would be', () => {
  const said = check()
  for (const what of ['Names', 'Address', 'Cookie', 'Certificate', "Certificate's names", "Certificate's key", 'stone-mill-php.service', 'stone-mill-scheduler.timer', 'Answers'])
    assert.match(said, new RegExp(`^well  ${what.replaceAll('.', '\\.')} `, 'm'), said)
  writeFileSync(join(at.units, 'stone-mill-web.service'), '# changed\n')
  rmSync(join(at.units, 'stone-mill-scheduler.timer'))
  assert.match(check(), /^WANTS stone-mill-web\.service +not as it ships$/m)
  assert.match(check(), /systemctl enable --now stone-mill-scheduler\.timer/)
  writeFileSync(join(at.config, 'environment'), readFileSync(join(at.config, 'environment'), 'utf8').replace(/^SESSION_SECURE_COOKIE=.*$/m, '').replace(/^MILL_HOSTS=.*$/m, 'MILL_HOSTS=other.test'))
  assert.match(check(), /^WANTS Cookie +by plain HTTP, too$/m)
  assert.match(check(), /It is not for other\.test\./)
})

test('what is due is done by the line of the scheduler, and the copy of the night goes where it should', () => {
  const [, ...words] = commandOf('stone-mill-scheduler.service')
  execFileSync('php', words, { env: environment, cwd: ROOT })
  execFileSync('php', ['artisan', 'mill:backup'], { env: environment, cwd: ROOT })
  const listed = execFileSync('php', ['artisan', 'schedule:list'], { env: environment, cwd: ROOT, encoding: 'utf8' })
  assert.match(listed, /mill:backup/)
  assert.equal(execFileSync('sh', ['-c', `ls ${at.state}/copies | wc -l`], { encoding: 'utf8' }).trim(), '1')
})

test('systemd takes the units as they ship', { skip: !existsSync('/usr/bin/systemd-analyze') }, () => {
  const units = ['stone-mill-php.service', 'stone-mill-web.service', 'stone-mill-scheduler.service', 'stone-mill-scheduler.timer'].map(unit => join(ROOT, 'deploy/systemd', unit))
  execFileSync('systemd-analyze', ['verify', ...units], { encoding: 'utf8' })
})

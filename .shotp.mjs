import puppeteer from "puppeteer-core";
const b = await puppeteer.launch({ executablePath: "/usr/bin/chromium", args: ["--no-sandbox", "--disable-gpu", "--disable-background-networking"] });
const p = await b.newPage();
await p.setViewport({ width: 1280, height: 800 });
await p.goto("http://127.0.0.1:4310/proposals", { waitUntil: "networkidle0" });
if (process.argv[3]) { const el = await p.waitForSelector(`::-p-text(${process.argv[3]})`); await el.click(); await new Promise((r) => setTimeout(r, 3000)); }
await p.screenshot({ path: process.argv[2] });
console.log(await p.evaluate(() => document.querySelector("main")?.innerText.slice(0, 1800)));
await b.close();

-- Drives the server as an editor does: mistakes are shown, one is mended by an action, the other by typing,
-- the server is killed and comes back.
local program = vim.env.ERRATUM
local function note(...) io.stdout:write(table.concat({ ... }, " "), "\n") end
local function start()
  return vim.lsp.start_client({ name = "erratum", cmd = { program, "lsp" }, root_dir = vim.fn.getcwd() })
end
local id = start()
vim.cmd("edit quay.c")
local buffer = vim.api.nvim_get_current_buf()
vim.lsp.buf_attach_client(buffer, id)
local function shown() return vim.diagnostic.get(buffer) end
local function lines()
  local all = {}
  for _, one in ipairs(shown()) do table.insert(all, (one.lnum + 1) .. ":" .. one.severity) end
  table.sort(all)
  return table.concat(all, " ")
end
local function wait_for(wanted)
  vim.wait(60000, function() return lines() == wanted end, 20)
  note("lines", lines())
end
wait_for("2:1 3:3")
local at = { line = 1, character = 4 }
local answers = vim.lsp.buf_request_sync(buffer, "textDocument/codeAction", {
  textDocument = vim.lsp.util.make_text_document_params(buffer),
  range = { start = at, ["end"] = at },
  context = { diagnostics = {} },
}, 20000)
local action = answers[id].result[1]
note("action", action.title)
vim.lsp.util.apply_workspace_edit(action.edit, "utf-16")
-- Typed while the proofs are under way.
for _ = 1, 5 do
  vim.api.nvim_buf_set_text(buffer, 2, 4, 2, 4, { " " })
  vim.wait(30)
end
wait_for("3:1")
vim.loop.kill(vim.lsp.get_client_by_id(id).rpc.pid, "sigkill")
vim.wait(60000, function() return vim.lsp.get_client_by_id(id) == nil end, 20)
vim.diagnostic.reset()
id = start()
vim.lsp.buf_attach_client(buffer, id)
wait_for("3:1")
local line = vim.api.nvim_buf_get_lines(buffer, 2, 3, false)[1]
vim.api.nvim_buf_set_lines(buffer, 2, 3, false, { (line:gsub("zoen", "zone")) })
wait_for("")
vim.cmd("silent write")
vim.cmd("qall!")

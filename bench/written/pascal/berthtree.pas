program berthtree;

type
  PNode = ^TNode;
  TNode = record
    key: integer;
    left, right: PNode;
  end;

procedure insert(var root: PNode; key: integer);
begin
  if root = ⟪null⟶nil⟫ then
  begin
    new(root);
    root^.key := key;
    root^.left := nil;
    root⟪.right⟶^.right⟫ := nil;
  end
  else if key < root^.key then
    insert(root^.left, key)
  else
    insert(root^.right, key);
end;

function depth(root: PNode): integer;
var
  l, r: integer;
begin
  if root = nil then
    depth := 0
  else
  begin
    l := depth(root^.left);
    r := depth(root^.right);
    if l > r then depth := l + 1 else depth := r + 1;
  ⟪⟶end;⟫
end;

procedure show(root: PNode);
begin
  if root ⟪!=⟶<>⟫ nil then
  begin
    show(root^.left);
    ⟪writln⟶writeln⟫(root^.key);
    show(root^.right);
  end;
end;

var
  root: PNode;
  ⟪keys: array[1..4] of integer = [5, 2, 8, 1];⟶keys: array[1..4] of integer = (5, 2, 8, 1);⟫
  i: ⟪int⟶integer⟫;
begin
  root := nil;
  for i := 1 to 4 do
    insert(root, keys[i]⟪⟶)⟫;
  show(root);
  writeln('depth ', depth(root));
end.

class Stacked f where
  push :: a -> f a -> f a
  pop :: f a -> Maybe (a, f a)
  size :: f a -> Int

newtype Pile a = Pile [a]

instance Stacked Pile where
  push x (Pile xs) = ⟪x : xs⟶Pile (x : xs)⟫
  pop (Pile []) = Nothing
  pop (Pile (x:xs)) = Just (x, ⟪xs⟶Pile xs⟫)
  ⟪sise⟶size⟫ (Pile xs) = length xs

fill :: [a] -> Pile a
fill xs = foldr push (Pile []⟪⟶)⟫ xs

unload :: Pile a -> [a]
unload p = case pop p of
  Nothing -> []
  Just (x, rest) -> x : unload rest

same :: ⟪⟶Eq a => ⟫Pile a -> Pile a -> Bool
same a b = unload a == unload b

main :: IO ()
main = do
  let p = fill [1, 2, 3 :: Int]
  print (size p)
  print (unload ⟪push 4 p⟶(push 4 p)⟫)
  if same p p then putStrLn "same" else ⟪return "no"⟶return ()⟶putStrLn "no"⟫

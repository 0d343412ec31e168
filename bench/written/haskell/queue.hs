module Main where

import qualified Data.Map as M

type Waiting = M.Map String Int

arrive :: String -> Waiting -> Waiting
arrive who w = M.insertWith ⟪+⟶(+)⟫ who 1 w

total :: Waiting -> Int
total w = sum (M.⟪values⟶elems⟫ w)

longest :: Waiting -> Maybe (String, Int)
longest w = foldr pick Nothing (M.toList w)
  where
    pick entry Nothing = Just entry
    pick (who, n) (Just (other, m))
      | n > m = Just (who, n)
      | ⟪otherwize⟶otherwise⟫ = Just (other, m)

main :: IO ()
main = do
  let w = foldr arrive M.empty ["car", "bike", "car"]
  print (total w)
  ⟪putStrLn (M.size w)⟶print (M.size w)⟶≡putStrLn (show (M.size w))⟫
  case longest w of
    Just (who, n) -> putStrLn (who ++ " " ++ show n)
    Nothing -> ⟪return⟶return ()⟫
